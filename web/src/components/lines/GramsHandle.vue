<script setup lang="ts">
/** The grams of a line. Dragged sideways they move a spoon step every few pixels; kept when let go, not when stopped. */
import { ref } from 'vue'
import type { AssessedLine } from '@/api/client'
import { figure, percent } from '@/format'

const props = defineProps<{ line?: AssessedLine; still?: boolean }>()
const emit = defineEmits<{ drag: [steps: number]; drop: [steps: number]; stop: [] }>()

const PIXELS_A_STEP = 10
const MOST_STEPS = 60
const dragging = ref<{ from: number; steps: number }>()

function begin(event: PointerEvent) {
  if (props.still || event.button !== 0) return
  ;(event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId)
  dragging.value = { from: event.clientX, steps: 0 }
}
function move(event: PointerEvent) {
  if (!dragging.value) return
  const wanted = Math.round((event.clientX - dragging.value.from) / PIXELS_A_STEP)
  const steps = Math.max(-MOST_STEPS, Math.min(MOST_STEPS, wanted))
  if (steps === dragging.value.steps) return
  dragging.value.steps = steps
  emit('drag', steps)
}
function end(kept: boolean) {
  const steps = dragging.value?.steps
  dragging.value = undefined
  if (steps === undefined) return
  if (kept && steps !== 0) emit('drop', steps)
  else emit('stop')
}
</script>

<template>
  <div
    class="grams"
    title="Drag sideways for more or less"
    @pointerdown="begin"
    @pointermove="move"
    @pointerup="end(true)"
    @pointercancel="end(false)"
  >
    <span class="figure" data-grams>{{ line?.grams !== undefined ? `${figure(line.grams)} g` : '?' }}</span>
    <span v-if="line?.share !== undefined && !still" class="quiet figure">{{ percent(line.share) }}</span>
  </div>
</template>

<style scoped>
.grams {
  cursor: ew-resize;
  touch-action: pan-y;
  user-select: none;
  display: grid;
  grid-template-columns: 1fr 40px;
  gap: 4px;
  justify-items: end;
  align-items: baseline;
}
.grams .quiet {
  font-size: 0.875rem;
}
</style>

<script setup lang="ts">
/** Predicted and seen on one small scale of the seven textures, so that a miss is seen before it is read. */
import { computed } from 'vue'
import type { TextureId } from '@/api/client'

const props = defineProps<{
  predicted?: TextureId | null
  seen?: TextureId
  textures: { id: TextureId; word: string }[]
}>()
const STEP = 26
const at = (id?: TextureId | null) => {
  const index = props.textures.findIndex((each) => each.id === id)
  return index < 0 ? undefined : index * STEP + STEP / 2
}
const predictedAt = computed(() => at(props.predicted))
const seenAt = computed(() => at(props.seen))
const label = computed(() => `Predicted ${props.predicted ?? 'not judged'}, seen ${props.seen ?? 'not said'}`)
</script>

<template>
  <svg :viewBox="`0 0 ${STEP * 7} 28`" class="scale" role="img" :aria-label="label">
    <line x1="0" :x2="STEP * 7" y1="14" y2="14" class="axis" />
    <line v-for="n in 8" :key="n" :x1="(n - 1) * STEP" :x2="(n - 1) * STEP" y1="10" y2="18" class="axis" />
    <line
      v-if="predictedAt !== undefined && seenAt !== undefined"
      :x1="predictedAt"
      :x2="seenAt"
      y1="14"
      y2="14"
      class="miss"
    />
    <circle v-if="predictedAt !== undefined" :cx="predictedAt" cy="14" r="7" class="predicted" />
    <path v-if="seenAt !== undefined" :d="`M${seenAt} 9 l5 5 -5 5 -5 -5z`" class="seen" />
  </svg>
</template>

<style scoped>
.scale {
  width: 182px;
  height: 28px;
  display: block;
}
.axis {
  stroke: var(--bran);
  stroke-width: 1.5;
}
.miss {
  stroke: var(--date);
  stroke-width: 2.5;
}
.predicted {
  fill: none;
  stroke: var(--elm);
  stroke-width: 2;
}
.seen {
  fill: var(--date);
}
</style>

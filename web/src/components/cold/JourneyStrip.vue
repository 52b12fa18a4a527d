<script setup lang="ts">
/** The way to the table: stretches of so many minutes at so many degrees, each as wide as it is long, with what is left of the piece. */
import { computed, ref } from 'vue'
import type { ColdCard } from '@/api/client'
import type { DocumentStretch } from '@/api/document'
import { typedNumber } from '@/format'

const props = defineProps<{ stretches: DocumentStretch[]; results?: ColdCard['journey']; from?: string }>()
const emit = defineEmits<{ change: [stretches: DocumentStretch[]] }>()

const MOST = 12
const LEAST_MINUTES = 5
const MOST_MINUTES = 2880
const NEXT: DocumentStretch = { minutes: 40, celsius: 27 }
/** Minutes that a drag makes of a stretch, while it lasts. */
const dragged = ref<{ at: number; minutes: number }>()
const shown = computed(() =>
  props.stretches.map((stretch, at) =>
    dragged.value?.at === at ? { ...stretch, minutes: dragged.value.minutes } : stretch,
  ),
)
const WORDS: Record<string, string> = {
  slumps: 'slumps',
  soft: 'soft, but stands',
  cuts: 'still cuts clean',
  firm: 'firm',
  snaps: 'snaps',
}
function verdict(at: number) {
  const result = props.results?.[at]
  if (!result || props.results?.length !== props.stretches.length) return
  return result.holds
    ? `Holds: ${result.component} ${WORDS[result.verdict]}`
    : `Fails: ${result.component} ${result.verdict === 'soft' ? 'too soft' : 'slumps'}`
}
const set = (at: number, change: Partial<DocumentStretch>) =>
  emit(
    'change',
    props.stretches.map((stretch, index) => (index === at ? { ...stretch, ...change } : stretch)),
  )
function typed(at: number, key: keyof DocumentStretch, field: HTMLInputElement) {
  const value = typedNumber(field.value)
  if (value === undefined || !Number.isFinite(value) || !field.checkValidity())
    field.value = String(props.stretches[at]![key])
  else set(at, { [key]: value })
}
const add = () =>
  emit('change', [...props.stretches, props.stretches.at(-1) ? { ...NEXT, ...props.stretches.at(-1) } : NEXT])
const remove = (at: number) =>
  emit(
    'change',
    props.stretches.filter((_, index) => index !== at),
  )
/** Wider is longer: a stretch of 40 minutes as a start, then by what it is dragged. */
function drag(at: number, down: PointerEvent) {
  const handle = down.currentTarget as HTMLElement
  const box = handle.parentElement!
  const { minutes } = props.stretches[at]!
  const each = minutes / box.offsetWidth
  handle.setPointerCapture(down.pointerId)
  handle.onpointermove = (move) => {
    const next = Math.round((minutes + (move.clientX - down.clientX) * each) / 5) * 5
    dragged.value = { at, minutes: Math.min(Math.max(next, LEAST_MINUTES), MOST_MINUTES) }
  }
  handle.onpointerup = handle.onpointercancel = () => {
    handle.onpointermove = handle.onpointerup = handle.onpointercancel = null
    const made = dragged.value
    dragged.value = undefined
    if (made && made.minutes !== minutes) set(at, { minutes: made.minutes })
  }
}
</script>

<template>
  <section class="journey" aria-labelledby="journey-title" data-journey>
    <div class="head">
      <h2 id="journey-title">The journey</h2>
      <span class="quiet">{{
        stretches.length ? `out of the ${from ?? 'fridge'}, then` : 'Will it survive the way there?'
      }}</span>
    </div>
    <ol>
      <li v-for="(stretch, at) in shown" :key="at" :style="{ flexGrow: stretch.minutes }">
        <span class="fields">
          <input
            type="number"
            class="plain-field"
            :aria-label="`Minutes of stretch ${at + 1}`"
            min="1"
            :max="MOST_MINUTES"
            step="any"
            required
            :value="stretch.minutes"
            @change="typed(at, 'minutes', $event.target as HTMLInputElement)"
          />
          min at
          <input
            type="number"
            class="plain-field"
            :aria-label="`°C of stretch ${at + 1}`"
            min="-40"
            max="60"
            step="any"
            required
            :value="stretch.celsius"
            @change="typed(at, 'celsius', $event.target as HTMLInputElement)"
          />
          °C
        </span>
        <span class="verdict" :class="{ fails: results?.[at] && !results[at]!.holds }" data-verdict>{{
          verdict(at) ?? '…'
        }}</span>
        <button type="button" class="link-button" :aria-label="`Remove stretch ${at + 1}`" @click="remove(at)">
          remove
        </button>
        <span class="handle" aria-hidden="true" title="Drag to make it longer" @pointerdown="drag(at, $event)" />
      </li>
    </ol>
    <Button v-if="stretches.length < MOST" label="Add a stretch" severity="secondary" size="small" @click="add" />
  </section>
</template>

<style scoped>
.journey {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.head {
  display: flex;
  gap: 14px;
  align-items: baseline;
}
ol {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  width: 100%;
}
li {
  position: relative;
  flex-basis: 190px;
  display: grid;
  gap: 2px;
  justify-items: start;
  padding: 8px 18px 6px 10px;
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius-in);
  font-size: 0.9375rem;
}
.fields {
  white-space: nowrap;
}
.plain-field {
  width: 62px;
  padding: 3px 6px;
}
.verdict {
  font-weight: 600;
  color: var(--elm);
}
.fails {
  color: var(--berry);
}
.handle {
  position: absolute;
  inset: 6px 0 6px auto;
  width: 12px;
  cursor: ew-resize;
  touch-action: none;
  border-right: 4px double var(--husk);
}
@media (pointer: coarse) {
  .plain-field {
    min-height: 44px;
  }
  .handle {
    width: 28px;
  }
}
</style>

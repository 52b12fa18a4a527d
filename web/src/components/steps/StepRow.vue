<script setup lang="ts">
/** One step as on the back of an envelope: what, how long, how one knows. A press on it opens its fields. */
import { computed, nextTick, ref, watch } from 'vue'
import type { Step } from '@/api/client'
import { duration, minutes, typedNumber, words } from '@/format'

const props = defineProps<{ step: Step; open: boolean; scale: number; first: boolean; last: boolean }>()
const emit = defineEmits<{
  toggle: []
  set: [changes: Record<string, unknown>]
  move: [by: number]
  drop: []
  restore: []
  reset: []
}>()

const SOURCES = { model: 'reckoned', practice: 'common practice', cook: 'your own' }
const PLACES = [
  { id: null, word: 'nowhere in particular' },
  { id: 'freezer', word: 'freezer' },
  { id: 'fridge', word: 'fridge' },
  { id: 'oven', word: 'oven' },
  { id: 'melt', word: 'melting bowl' },
] as const
const waits = computed(() => !!props.step.wait && props.step.wait.least > 0)
/** Minutes at work, with the band that they lie in. */
const work = computed(() => {
  const { hands, hands_minutes } = props.step
  if (!hands_minutes) return
  const band = hands.source === 'cook' ? '' : ` (${Math.round(hands.low)} to ${Math.round(hands.high)})`
  return `${hands_minutes} min of work${band}`
})
const waiting = computed(() => {
  const wait = props.step.wait
  if (!wait || !waits.value) return wait?.greatest ? `next within ${duration(wait.greatest)}` : undefined
  const most = wait.greatest ? `, at most ${duration(wait.greatest)}` : ''
  return `${minutes(wait.band)}${wait.place && wait.place !== 'melt' ? ` in the ${wait.place}` : ''}${most}`
})
const needs = computed(() => {
  const { uses, trays, turns } = props.step
  return [
    ...uses.map((each) => (each === 'melt' ? 'melting bowl' : words(each))),
    ...(trays > 1 ? [`${trays} trays`] : []),
    ...(turns.length > 1 ? [`${turns.length} sets`] : []),
  ].join(', ')
})
const source = computed(
  () => SOURCES[(waits.value ? props.step.wait!.source : props.step.hands.source) as keyof typeof SOURCES],
)
const head = ref<HTMLElement>()
const text = ref<HTMLInputElement>()
watch(
  () => props.open,
  async (open) => {
    if (!open) return
    await nextTick()
    text.value?.focus()
  },
)
function typed(key: 'hands_minutes' | 'least' | 'greatest', field: HTMLInputElement) {
  const value = typedNumber(field.value)
  if ((value !== undefined && !Number.isFinite(value)) || !field.checkValidity()) {
    field.value = String(before(key) ?? '')
    return
  }
  if (key === 'hands_minutes') {
    if (value !== undefined) emit('set', { hands_minutes: value })
  } else emit('set', { wait: { ...kept(), [key]: value === undefined ? null : Math.round(value) } })
}
/** What is said of the wait already, less its band, which follows from the minutes. */
function kept() {
  const wait = props.step.wait
  return wait ? { least: wait.least, greatest: wait.greatest ?? null, place: wait.place ?? null } : {}
}
const before = (key: 'hands_minutes' | 'least' | 'greatest') =>
  key === 'hands_minutes' ? props.step.hands_minutes : props.step.wait?.[key]
const said = (field: HTMLInputElement) => field.value.trim()
function keys(event: KeyboardEvent) {
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (!by || !event.altKey) return
  event.preventDefault()
  emit('move', by)
}
defineExpose({ focus: () => head.value?.focus() })
</script>

<template>
  <div class="step" :class="{ dropped: step.dropped, open }" @keydown="keys">
    <div class="row">
      <span class="grip" aria-hidden="true" title="Drag to another place">⋮⋮</span>
      <span class="number">{{ step.number }}</span>
      <button ref="head" type="button" class="what" :aria-expanded="open" data-step @click="emit('toggle')">
        {{ step.text }}
      </button>
      <span class="bar" aria-hidden="true">
        <i class="work" :style="{ width: `${step.hands_minutes * scale}px` }" />
        <i v-if="waits" class="wait" :style="{ width: `${step.wait!.least * scale}px` }" />
      </span>
    </div>
    <p class="facts">
      <span v-if="work">{{ work }}</span>
      <span v-if="waiting">{{ waiting }}</span>
      <em v-if="step.right_when">Right when: {{ step.right_when }}.</em>
      <span v-if="needs" class="quiet">{{ needs }}</span>
      <span class="quiet">{{ source }}</span>
      <span v-if="step.edited.length" class="mark">changed by you</span>
      <span v-if="!step.asked && step.step !== 'own'" class="mark">the formula no longer asks for it</span>
      <span v-if="step.dropped" class="mark">left out</span>
    </p>
    <p v-if="step.wait?.why" class="why">{{ step.wait.why }}</p>
    <p v-for="line in step.said" :key="line" class="said">Your recipe: “{{ line }}”</p>
    <div v-if="open" class="fields">
      <label class="wide"
        >What
        <input
          ref="text"
          class="plain-field"
          maxlength="400"
          :value="step.text"
          @change="
            said($event.target as HTMLInputElement) && emit('set', { text: said($event.target as HTMLInputElement) })
          "
      /></label>
      <label
        >Work, minutes
        <input
          type="number"
          class="plain-field minutes"
          min="0"
          max="600"
          step="any"
          :value="step.hands_minutes"
          @change="typed('hands_minutes', $event.target as HTMLInputElement)"
      /></label>
      <label
        >Then wait, minutes
        <input
          type="number"
          class="plain-field minutes"
          min="0"
          max="20160"
          :value="step.wait?.least ?? ''"
          @change="typed('least', $event.target as HTMLInputElement)"
      /></label>
      <label
        >At most, minutes
        <input
          type="number"
          class="plain-field minutes"
          min="0"
          max="40320"
          placeholder="any"
          :value="step.wait?.greatest ?? ''"
          @change="typed('greatest', $event.target as HTMLInputElement)"
      /></label>
      <label
        >It waits in
        <select
          class="plain-field"
          :value="step.wait?.place ?? ''"
          @change="emit('set', { wait: { ...kept(), place: ($event.target as HTMLSelectElement).value || null } })"
        >
          <option v-for="place in PLACES" :key="place.word" :value="place.id ?? ''">{{ place.word }}</option>
        </select></label
      >
      <label class="wide"
        >Right when
        <input
          class="plain-field"
          maxlength="400"
          :value="step.right_when ?? ''"
          @change="emit('set', { right_when: said($event.target as HTMLInputElement) || null })"
      /></label>
      <span class="tools">
        <button type="button" class="link-button" :disabled="first" @click="emit('move', -1)">Move up</button>
        <button type="button" class="link-button" :disabled="last" @click="emit('move', 1)">Move down</button>
        <button v-if="step.dropped" type="button" class="link-button" @click="emit('restore')">Take it in again</button>
        <button v-else type="button" class="link-button" @click="emit('drop')">Leave it out</button>
        <button v-if="step.edited.length && step.asked" type="button" class="link-button" @click="emit('reset')">
          As it was drafted
        </button>
      </span>
    </div>
  </div>
</template>

<style scoped>
.step {
  padding: 7px 10px 8px 4px;
  border-top: 1px solid var(--bran);
}
.row {
  display: grid;
  grid-template-columns: 18px 26px minmax(0, 1fr) auto;
  gap: 6px;
  align-items: center;
}
.grip {
  color: var(--husk);
  cursor: grab;
  letter-spacing: -2px;
  visibility: hidden;
}
.step:hover .grip,
.open .grip {
  visibility: visible;
}
.number {
  font-family: var(--heading);
  font-weight: 600;
  text-align: right;
  color: var(--husk);
}
.what {
  text-align: left;
  background: none;
  border: 0;
  padding: 2px 4px;
  font-size: 1.0625rem;
  cursor: pointer;
  border-radius: var(--radius-in);
}
.dropped .what {
  text-decoration: line-through;
  color: var(--husk);
}
.bar {
  display: flex;
  justify-content: flex-end;
  height: 12px;
  max-width: 190px;
  overflow: hidden;
}
.bar i {
  display: block;
  height: 12px;
}
.work {
  background: var(--elm);
}
.wait {
  background: repeating-linear-gradient(45deg, var(--husk) 0 1.5px, transparent 1.5px 6px);
  border: 1px solid var(--husk);
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  padding-left: 60px;
  font-size: 0.9375rem;
}
.mark {
  color: var(--elm);
  font-weight: 600;
}
.said,
.why {
  padding-left: 60px;
  font-size: 0.9375rem;
  color: var(--husk);
}
.why {
  color: var(--date);
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
  padding: 8px 0 4px 60px;
}
.fields label {
  display: grid;
  gap: 2px;
  font-size: 0.875rem;
  color: var(--husk);
}
.fields .plain-field {
  color: var(--cocoa);
}
.wide {
  flex: 1 1 100%;
}
.minutes {
  width: 110px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
@media (max-width: 600px) {
  .facts,
  .said,
  .why,
  .fields {
    padding-left: 14px;
  }
  .bar {
    display: none;
  }
}
@media (pointer: coarse) {
  .what,
  .fields .plain-field,
  .tools .link-button {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
/** Where it lives and for how many days, by part, the part that limits first; what must be said of it. */
import { computed } from 'vue'
import type { Keep } from '@/api/client'
import type { DocumentLives } from '@/api/document'
import { count } from '@/format'

const props = defineProps<{ keep: Keep; lives: string }>()
defineEmits<{ lives: [lives: DocumentLives] }>()

const PLACES: { id: DocumentLives; word: string; at: string }[] = [
  { id: 'room', word: 'room', at: 'at room temperature' },
  { id: 'fridge', word: 'fridge', at: 'in the fridge' },
  { id: 'freezer', word: 'freezer', at: 'in the freezer' },
]
const at = (place: string) => PLACES.find((each) => each.id === place)!.at
const days = (number: number) => (number ? String(number) : '–')
/** The part that decides stands first. */
const limits = (part: Keep['parts'][number]) => part.component === props.keep.limits
const parts = computed(() => [...props.keep.parts].sort((one, other) => Number(limits(other)) - Number(limits(one))))
const activity = (part: Keep['parts'][number]) =>
  part.water_activity_low === undefined
    ? 'too dry to say'
    : `${part.water_activity_low.toFixed(2)} to ${part.water_activity_high!.toFixed(2)}`
const cold = (place: string) => PLACES.findIndex((each) => each.id === place)
const elsewhere = computed(() => {
  const days = props.keep.days[props.lives as DocumentLives]
  if (cold(props.lives) < cold(props.keep.place)) return { warm: true, words: 'That is warmer than it should be.' }
  return cold(props.lives) > cold(props.keep.place) && days
    ? { warm: false, words: `There it keeps about ${count(days, 'day')}.` }
    : undefined
})
</script>

<template>
  <section class="keep panel" aria-labelledby="keep-title" data-keep>
    <h2 id="keep-title">Where it lives</h2>
    <p class="place">
      <strong>{{ at(keep.place) }}</strong>, <span class="figure">{{ count(keep.days[keep.place], 'day') }}</span>
    </p>
    <p>{{ keep.why }}</p>
    <label class="lives"
      >You keep it
      <select
        class="plain-field"
        aria-label="Where they live"
        :value="lives"
        @change="$emit('lives', ($event.target as HTMLSelectElement).value as DocumentLives)"
      >
        <option v-for="place in PLACES" :key="place.id" :value="place.id">{{ place.at }}</option>
      </select></label
    >
    <p v-if="elsewhere" :class="{ warn: elsewhere.warm }" data-elsewhere>{{ elsewhere.words }}</p>
    <table>
      <caption class="quiet">
        Days it usually keeps
      </caption>
      <thead>
        <tr>
          <td />
          <th v-for="place in PLACES" :key="place.id" scope="col">{{ place.word }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="part in parts" :key="part.component" :class="{ limits: limits(part) }">
          <th scope="row">{{ part.component }}</th>
          <td v-for="place in PLACES" :key="place.id" class="figure">{{ days(part.days[place.id]) }}</td>
        </tr>
        <tr class="whole">
          <th scope="row">all of it</th>
          <td v-for="place in PLACES" :key="place.id" class="figure">{{ days(keep.days[place.id]) }}</td>
        </tr>
      </tbody>
    </table>
    <h3>Cautions</h3>
    <ul class="cautions" data-cautions>
      <li v-for="caution in keep.cautions" :key="caution">{{ caution }}</li>
    </ul>
    <details v-if="keep.trades.length || keep.rancidity || keep.notes.length || parts.length">
      <summary>Water and freshness</summary>
      <p v-for="part in parts" :key="part.component">
        {{ part.component }}: water activity {{ activity(part) }}. <span class="quiet">{{ part.why }}</span>
      </p>
      <p v-for="words in keep.trades" :key="words">{{ words }}</p>
      <p v-if="keep.rancidity">{{ keep.rancidity }}</p>
      <p v-for="note in keep.notes" :key="note" class="quiet">{{ note }}</p>
    </details>
    <details v-if="keep.baked">
      <summary>To carry it anywhere: bake it</summary>
      <p>{{ keep.baked.words }}</p>
      <p v-if="keep.baked.water_activity_high !== undefined">
        Its water activity would then be {{ keep.baked.water_activity_low!.toFixed(2) }} to
        {{ keep.baked.water_activity_high.toFixed(2) }}, and it would keep about
        {{ count(keep.baked.days[keep.baked.place], 'day') }} {{ at(keep.baked.place) }}.
      </p>
    </details>
  </section>
</template>

<style scoped>
.keep {
  padding: 12px 16px 14px;
  display: grid;
  gap: 8px;
  font-size: 0.9375rem;
}
.place {
  font-size: 1.125rem;
}
.place strong {
  font-family: var(--heading);
  font-size: 1.5rem;
}
.lives {
  display: flex;
  gap: 8px;
  align-items: center;
}
.plain-field {
  padding: 4px 8px;
}
.warn {
  color: var(--date);
  font-weight: 600;
}
table {
  border-collapse: collapse;
  width: 100%;
}
caption {
  text-align: left;
  font-size: 0.875rem;
}
th,
td {
  text-align: right;
  padding: 3px 0 3px 10px;
  border-top: 1px solid var(--bran);
  font-weight: 400;
}
thead th {
  color: var(--husk);
  font-size: 0.875rem;
}
tr > :first-child {
  text-align: left;
  padding-left: 0;
}
.limits > * {
  font-weight: 700;
}
.whole > * {
  border-top-color: var(--husk);
}
h3 {
  font-size: 1rem;
}
.cautions {
  display: grid;
  gap: 5px;
}
.cautions li {
  padding-left: 10px;
  border-left: 3px solid var(--bran);
}
details {
  border-top: 1px solid var(--bran);
  padding-top: 6px;
}
summary {
  cursor: pointer;
  font-weight: 600;
}
details > *:not(summary) {
  margin-top: 6px;
}
@media (pointer: coarse) {
  summary,
  .plain-field {
    min-height: 44px;
    align-content: center;
  }
}
</style>

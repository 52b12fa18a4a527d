<script setup lang="ts">
/** What is in one piece and in 100 g, its sugar against a day's, how sweet it is, what it costs. */
import { computed, ref } from 'vue'
import type { AssessedPart, Assessment, Nutrition } from '@/api/client'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import { figure, money, words } from '@/format'

const props = defineProps<{
  assessment?: Assessment
  /** The part in hand, where there are several. */ part?: AssessedPart
}>()
/** What is shown: a piece of the whole, or the part in hand alone. */
const shown = ref<'whole' | 'part'>('whole')
const ofPart = computed(() => (shown.value === 'part' ? props.part : undefined))
const ways = computed(() => [
  { id: 'whole' as const, word: 'the whole' },
  { id: 'part' as const, word: props.part?.name ?? '' },
])
const piece = computed(() => (ofPart.value ? undefined : props.assessment?.nutrition_per_piece))
const hundred = computed(() => (ofPart.value ?? props.assessment)?.nutrition_per_100g)
const sweetness = computed(() => (ofPart.value ?? props.assessment)?.sweetness_pct)

const grams = (value: number, digits = 1) => `${figure(value, digits)} g`
const free = (n: Nutrition) => {
  const [least, most] = [n.free_sugars_g, n.free_sugars_if_blended_fruit_counts_g]
  return most - least >= 0.05 ? `${figure(least, 1)} or ${figure(most, 1)} g*` : grams(least)
}
const ROWS: [string, (n: Nutrition) => string][] = [
  ['Energy', (n) => `${figure(n.kcal, 0)} kcal`],
  ['Protein', (n) => grams(n.protein_g)],
  ['Fat', (n) => grams(n.fat_g)],
  ['saturated', (n) => grams(n.saturates_g)],
  ['Carbohydrate', (n) => grams(n.carbohydrate_g)],
  ['net of fibre', (n) => grams(n.net_carbohydrate_g)],
  ['Sugars', (n) => grams(n.sugars_g)],
  ['free', free],
  ['added', (n) => grams(n.added_sugars_g)],
  ['Fibre', (n) => grams(n.fibre_g)],
  ['Polyols', (n) => grams(n.polyols_g)],
  ['Salt', (n) => grams(n.salt_g, 2)],
]
/** Parts of the row above them. */
const WITHIN = ['saturated', 'net of fibre', 'free', 'added']
const rows = computed(() => {
  const whole = hundred.value
  if (!whole) return []
  const named = ROWS.filter(([label]) => label !== 'Polyols' || whole.polyols_g >= 0.05)
  return named.map(([label, of]) => ({ label, piece: piece.value ? of(piece.value) : '–', hundred: of(whole) }))
})
const day = computed(() => (ofPart.value ? undefined : props.assessment?.sugar_of_day))
const cost = computed(() => (ofPart.value ? undefined : props.assessment?.cost))
const label = computed(() => (ofPart.value ? undefined : props.assessment?.label))
/** As labels name the rows. */
const US_WORDS: Record<string, string> = {
  calories: 'Calories',
  fat: 'Total fat',
  saturates: 'Saturated fat',
  sodium: 'Sodium',
  carbohydrate: 'Total carbohydrate',
  fibre: 'Dietary fiber',
  sugars: 'Total sugars',
  added_sugars: 'Added sugars',
  protein: 'Protein',
}
const EU_WORDS: Record<string, string> = {
  energy: 'Energy',
  fat: 'Fat',
  saturates: 'of which saturates',
  carbohydrate: 'Carbohydrate',
  sugars: 'of which sugars',
  fibre: 'Fibre',
  protein: 'Protein',
  salt: 'Salt',
}
const disputed = computed(() => rows.value.some((row) => row.hundred.endsWith('*')))
</script>

<template>
  <section v-if="assessment?.grams" class="in-one" aria-labelledby="facts-title">
    <h2 id="facts-title">What is in it</h2>
    <SwitchButtons v-if="part" v-model="shown" :choices="ways" label="Of what" class="of" />
    <table v-if="rows.length" class="facts">
      <caption class="screen-reader">
        What one piece and 100 g hold
      </caption>
      <thead>
        <tr>
          <td></td>
          <th v-if="!ofPart" scope="col">piece</th>
          <th scope="col">100 g</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.label" :class="{ within: WITHIN.includes(row.label) }">
          <th scope="row">{{ row.label }}</th>
          <td v-if="!ofPart" class="figure">{{ row.piece }}</td>
          <td class="figure quiet">{{ row.hundred }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="sweetness !== undefined" class="said" data-sweetness>
      <span class="quiet">Sweetness</span> {{ figure(sweetness, 0) }} % of sugar's, weight for weight
    </p>
    <template v-if="ofPart">
      <p class="said">
        <span class="quiet">Allergens</span> {{ ofPart.allergens.map(words).join(', ') || 'none known' }}
      </p>
      <p class="said"><span class="quiet">Suits</span> {{ ofPart.diets.join(', ') || 'no diet on the list' }}</p>
    </template>
    <p v-if="day" class="said" data-day-sugar>
      <span class="quiet">Free sugars of a piece</span> {{ figure(day.grams, 1) }} g: {{ figure(day.of_25_g_pct, 0) }} %
      of a day's 25 g, {{ figure(day.of_50_g_pct, 0) }} % of 50 g
      <span class="quiet">(WHO: 5 and 10 % of 2000 kcal)</span>
    </p>
    <p v-if="cost" class="said" data-cost>
      <span class="quiet">Cost&nbsp;</span>
      <template v-if="cost.piece !== undefined">{{ money(cost.piece, cost.currency) }} a piece, </template
      >{{ money(cost.batch, cost.currency) }} the batch<span v-if="cost.unpriced.length" class="quiet"
        >; no price yet for {{ cost.unpriced.join(', ') }}</span
      >
    </p>
    <p v-if="disputed" class="quiet small">
      * more if the sugar of blended fruit is counted as free, which is disputed. Figures are estimates; energy by the
      general factors 4, 4, 9, fibre 2.
    </p>
    <p v-else-if="rows.length" class="quiet small">
      Figures are estimates; energy by the general factors 4, 4, 9, fibre 2.
    </p>
    <p v-if="!rows.length" class="quiet">Counted when every line is read.</p>
    <details v-if="label">
      <summary>As a label rounds it</summary>
      <template v-if="label.us_per_piece">
        <p class="quiet small">One piece, US rounding (21 CFR 101.9)</p>
        <ul class="label">
          <li v-for="(value, key) in label.us_per_piece" :key="key">
            <span>{{ US_WORDS[key] }}</span><span class="figure">{{ value }}</span>
          </li>
        </ul>
      </template>
      <p class="quiet small">100 g, EU rounding (guidance of 2012)</p>
      <ul class="label">
        <li v-for="(value, key) in label.eu_per_100g" :key="key">
          <span>{{ EU_WORDS[key] }}</span><span class="figure">{{ value }}</span>
        </li>
      </ul>
      <p class="quiet small">An estimate. A label for sale needs what your local rules ask for.</p>
    </details>
    <p v-for="note in assessment.notes" :key="note" class="quiet small">{{ note }}</p>
  </section>
</template>

<style scoped>
.in-one {
  margin-top: 14px;
  border-top: 1px solid var(--bran);
  padding-top: 10px;
}
.facts {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
  font-size: 0.9375rem;
  margin-top: 6px;
}
.facts th {
  text-align: left;
  font-weight: 400;
}
.facts td.figure {
  white-space: normal;
}
.facts thead td {
  width: 40%;
}
.facts thead th {
  text-align: right;
  color: var(--husk);
}
.facts td {
  text-align: right;
  padding-left: 8px;
}
.facts tr {
  border-top: 1px solid var(--bran);
}
.within th {
  padding-left: 12px;
  color: var(--husk);
}
.within {
  border-top: 0 !important;
}
.label li {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  border-top: 1px solid var(--bran);
  font-size: 0.9375rem;
}
summary {
  cursor: pointer;
  padding: 5px 0;
}
.small {
  font-size: 0.875rem;
}
.said {
  margin-top: 6px;
}
.of {
  width: fit-content;
  margin-top: 8px;
  font-size: 0.875rem;
}
</style>

<script setup lang="ts">
/** What is in one piece and in 100 g, how sweet it is, who can eat it. */
import { computed } from 'vue'
import type { Assessment, Nutrition } from '@/api/client'
import { waits } from '@/api/waits'
import { figure, words } from '@/format'

const props = defineProps<{ assessment?: Assessment }>()
const piece = computed(() => props.assessment?.nutrition_per_piece)
const hundred = computed(() => props.assessment?.nutrition_per_100g)

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
  ['Sugars', (n) => grams(n.sugars_g)],
  ['free', free],
  ['added', (n) => grams(n.added_sugars_g)],
  ['Fibre', (n) => grams(n.fibre_g)],
  ['Polyols', (n) => grams(n.polyols_g)],
  ['Salt', (n) => grams(n.salt_g, 2)],
]
/** Parts of the row above them. */
const WITHIN = ['saturated', 'free', 'added']
const rows = computed(() => {
  const whole = hundred.value
  if (!whole) return []
  const shown = ROWS.filter(([label]) => label !== 'Polyols' || whole.polyols_g >= 0.05)
  return shown.map(([label, of]) => ({ label, piece: piece.value ? of(piece.value) : '–', hundred: of(whole) }))
})
const waiting = computed(() => waits(props.assessment))
const disputed = computed(() => rows.value.some((row) => row.hundred.endsWith('*')))
</script>

<template>
  <section v-if="assessment?.grams" class="in-one" aria-labelledby="facts-title">
    <h2 id="facts-title">What is in it</h2>
    <table v-if="rows.length" class="facts">
      <caption class="screen-reader">
        What one piece and 100 g hold
      </caption>
      <thead>
        <tr>
          <td></td>
          <th scope="col">piece</th>
          <th scope="col">100 g</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.label" :class="{ within: WITHIN.includes(row.label) }">
          <th scope="row">{{ row.label }}</th>
          <td class="figure">{{ row.piece }}</td>
          <td class="figure quiet">{{ row.hundred }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="assessment.sweetness_pct !== undefined" class="said" data-sweetness>
      <span class="quiet">Sweetness</span> {{ figure(assessment.sweetness_pct, 0) }} % of sugar's, weight for weight
    </p>
    <p v-if="disputed" class="quiet small">
      * more if the sugar of blended fruit is counted as free, which is disputed. Figures are estimates; energy by the
      general factors 4, 4, 9, fibre 2.
    </p>
    <p v-else-if="rows.length" class="quiet small">
      Figures are estimates; energy by the general factors 4, 4, 9, fibre 2.
    </p>
    <p v-if="!rows.length" class="quiet">Counted when every line is read.</p>
    <p class="said">
      <span class="quiet">Allergens</span> {{ assessment.allergens.map(words).join(', ') || 'none known' }}
    </p>
    <p class="said">
      <span class="quiet">Keeps to</span>
      {{ waiting ? 'not known until every line is read' : assessment.diets.join(', ') || 'no diet on the list' }}
    </p>
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
  font-size: 0.9375rem;
  margin-top: 6px;
}
.facts th {
  text-align: left;
  font-weight: 400;
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
.small {
  font-size: 0.875rem;
}
.said {
  margin-top: 6px;
}
</style>

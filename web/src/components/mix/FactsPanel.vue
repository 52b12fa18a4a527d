<script setup lang="ts">
/** What is in one piece, who can eat it, how cooks chill it. */
import { computed } from 'vue'
import type { Assessment } from '@/api/client'
import { figure, words } from '@/format'

const props = defineProps<{ assessment?: Assessment }>()
const nutrition = computed(() => props.assessment?.nutrition_per_piece)
const rows = computed(() => {
  const n = nutrition.value
  if (!n) return []
  return [
    ['Energy', `${figure(n.kcal, 0)} kcal`],
    ['Protein', grams(n.protein_g)],
    ['Fat', grams(n.fat_g)],
    ['of it saturated', grams(n.saturates_g)],
    ['Carbohydrate', grams(n.carbohydrate_g)],
    ['Sugars', grams(n.sugars_g)],
    ['of them free', free(n.free_sugars_g, n.free_sugars_if_blended_fruit_counts_g)],
    ['Fibre', grams(n.fibre_g)],
    ['Salt', grams(n.salt_g, 2)],
  ]
})
const grams = (value: number, digits = 1) => `${figure(value, digits)} g`
const free = (least: number, most: number) =>
  most - least >= 0.05 ? `${figure(least, 1)} or ${figure(most, 1)} g*` : grams(least)
/** A line waits to be mended: nothing can be claimed of the whole. */
const waiting = computed(() =>
  props.assessment?.components.some((part) => part.lines.some((line) => line.status !== 'read')),
)
const disputed = computed(
  () =>
    nutrition.value && nutrition.value.free_sugars_if_blended_fruit_counts_g - nutrition.value.free_sugars_g >= 0.05,
)
</script>

<template>
  <section v-if="assessment?.grams" class="in-one" aria-labelledby="facts-title">
    <h2 id="facts-title">In one piece</h2>
    <table v-if="rows.length" class="facts">
      <caption class="screen-reader">
        What one piece holds
      </caption>
      <tbody>
        <tr v-for="[label, value] in rows" :key="label" :class="{ within: label!.startsWith('of ') }">
          <th scope="row">{{ label }}</th>
          <td class="figure">{{ value }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="disputed" class="quiet small">
      * more if the sugar of blended fruit is counted as free, which is disputed. Figures are estimates.
    </p>
    <p v-else-if="rows.length" class="quiet small">Figures are estimates.</p>
    <p v-if="!rows.length" class="quiet">Counted when every line is read.</p>
    <p class="said">
      <span class="quiet">Allergens</span> {{ assessment.allergens.map(words).join(', ') || 'none known' }}
    </p>
    <p class="said">
      <span class="quiet">Keeps to</span>
      {{ waiting ? 'not known until every line is read' : assessment.diets.join(', ') || 'no diet on the list' }}
    </p>
    <p v-for="note in assessment.notes" :key="note" class="quiet small">{{ note }}</p>

    <div v-if="assessment.practice?.length" class="practice">
      <h2>Cold, as cooks usually give it</h2>
      <ul>
        <li v-for="custom in assessment.practice" :key="custom.step">
          {{ custom.step }}: {{ custom.place }}
          <span class="figure"
            >{{
              custom.minutes[0] === custom.minutes[1]
                ? custom.minutes[0]
                : `${custom.minutes[0]} to ${custom.minutes[1]}`
            }}
            min</span
          >; {{ custom.touch_test }}.
        </li>
      </ul>
      <p class="quiet small">Common practice, not computed for this bowl.</p>
    </div>
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
.facts td {
  text-align: right;
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
.practice {
  margin-top: 14px;
  border-top: 1px solid var(--bran);
  padding-top: 10px;
}
.practice h2 {
  font-size: 1rem;
}
</style>

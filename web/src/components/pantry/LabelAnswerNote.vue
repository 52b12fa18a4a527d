<script setup lang="ts">
/** What a label comes to in 100 g, beside the library row it starts from, and what was found on the way. */
import type { LabelAnswer } from '@/api/client'
import { figure } from '@/format'

defineProps<{ answer: LabelAnswer }>()
const SHOWN = [
  ['kcal', 'kcal'],
  ['fat_g', 'g fat'],
  ['carbohydrate_g', 'g carbohydrate'],
  ['sugars_g', 'g sugars'],
  ['fibre_g', 'g fibre'],
  ['protein_g', 'g protein'],
  ['water_g', 'g water'],
] as const
type Row = LabelAnswer['ingredient']
const inWords = (row: Row) => SHOWN.map(([key, word]) => `${figure(row.per_100g[key] ?? 0)} ${word}`).join(', ')
</script>

<template>
  <section class="answer" aria-live="polite">
    <p>In 100 g: {{ inWords(answer.ingredient) }}.</p>
    <p class="quiet">{{ answer.starts_from.name }} as shipped: {{ inWords(answer.starts_from) }}.</p>
    <ul v-if="answer.notes.length">
      <li v-for="note in answer.notes" :key="note">{{ note }}.</li>
    </ul>
  </section>
</template>

<style scoped>
.answer {
  border-left: 3px solid var(--elm);
  padding-left: 12px;
}
</style>

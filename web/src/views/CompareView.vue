<script setup lang="ts">
/** Compare: this formula beside an earlier version of itself or another formula, line by line and figure by figure. */
import { ref, shallowRef, watch } from 'vue'
import { api, unwrap, type Compared, type Comparison } from '@/api/client'
import { useFormula } from '@/composables/useFormula'
import { figure, when, words } from '@/format'

const { id: formulaId, draft } = useFormula()
const choices = ref<{ id: string; word: string }[]>([])
const chosen = ref<string>()
const comparison = shallowRef<Comparison>()
const error = ref<string>()

const path = { id: formulaId }
Promise.all([
  unwrap(api.GET('/api/formulas/{id}/versions', { params: { path } })),
  unwrap(api.GET('/api/formula-names')),
])
  .then(([versions, formulas]) => {
    const others = formulas.filter((each) => each.id !== formulaId)
    choices.value = [
      ...[...versions].reverse().map((each) => ({
        id: `${each.id}`,
        word: `Version ${each.number} · ${when(each.created_at)}`,
      })),
      ...others.map((each) => ({ id: `${each.version_id}`, word: each.name })),
    ]
    // The version before the current one, else the first other formula.
    chosen.value = (versions.length > 1 ? choices.value[1] : (choices.value[versions.length] ?? choices.value[0]))?.id
  })
  .catch((failure: Error) => (error.value = failure.message))

let asked = 0
watch([chosen, draft.document, draft.loaded], async () => {
  if (!chosen.value || !draft.loaded.value) return
  const mine = (asked += 1)
  try {
    const version = await unwrap(api.GET('/api/versions/{id}', { params: { path: { id: Number(chosen.value) } } }))
    const body = { before: version.document, after: draft.document.value }
    const answer = await unwrap(api.POST('/api/compare', { body }))
    if (mine !== asked) return
    comparison.value = answer
    error.value = undefined
  } catch (failure) {
    if (mine === asked) error.value = (failure as Error).message
  }
})
const WORDS: Record<string, string> = {
  grams: 'Everything, g',
  sweetness_pct: 'Sweetness, % of sugar',
  'pieces.count': 'Pieces',
  'pieces.piece_grams': 'Grams a piece',
  'cost.batch': 'Cost of the batch',
  'cost.piece': 'Cost of a piece',
  saturation: 'Fill',
  tack: 'Tack',
  grease: 'Grease',
  'per_piece.kcal': 'kcal a piece',
  'per_piece.protein_g': 'Protein a piece, g',
  'per_piece.fat_g': 'Fat a piece, g',
  'per_piece.saturates_g': 'Saturates a piece, g',
  'per_piece.carbohydrate_g': 'Carbohydrate a piece, g',
  'per_piece.sugars_g': 'Sugars a piece, g',
  'per_piece.free_sugars_g': 'Free sugars a piece, g',
  'per_piece.added_sugars_g': 'Added sugars a piece, g',
  'per_piece.net_carbohydrate_g': 'Net carbohydrate a piece, g',
  'per_piece.fibre_g': 'Fibre a piece, g',
  'per_piece.salt_g': 'Salt a piece, g',
}
const shown = (rows: Compared[]) => rows.filter((row) => WORDS[row.figure])
const digits = (name: string) => (/saturation|tack|grease|cost|salt/.test(name) ? 2 : 1)
const value = (row: Compared, which: 'before' | 'after') => {
  const number = row[which]
  return number === undefined || number === null ? '–' : figure(number, digits(row.figure))
}
const change = (row: Compared) => {
  if (row.change === undefined || row.change === null) return ''
  const rounded = Number(row.change.toFixed(digits(row.figure)))
  if (rounded === 0) return 'same'
  return `${rounded > 0 ? '+' : '−'}${figure(Math.abs(rounded), digits(row.figure))}`
}
const LINE_WORDS = { same: 'same', changed: 'changed', added: 'added', gone: 'gone' }
</script>

<template>
  <div class="page">
    <div class="with">
      <label for="beside">Compare with</label>
      <Select
        input-id="beside"
        aria-label="Compare with"
        :model-value="chosen"
        :options="choices"
        option-label="word"
        option-value="id"
        filter
        @update:model-value="chosen = $event"
      />
    </div>
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-else-if="comparison">
      <section v-for="(part, at) in comparison.components" :key="at">
        <h2>
          {{ part.names[1] ?? part.names[0]
          }}<span v-if="part.names[0] && part.names[1] && part.names[0] !== part.names[1]" class="quiet">
            (was {{ part.names[0] }})</span
          ><span v-else-if="!part.names[0]" class="quiet"> (added)</span
          ><span v-else-if="!part.names[1]" class="quiet"> (removed)</span>
        </h2>
        <p v-if="part.textures[0] || part.textures[1]" class="texture">
          {{ part.textures[0] ?? 'not judged' }} → {{ part.textures[1] ?? 'not judged' }}
        </p>
        <div class="scroll" tabindex="0" role="region" :aria-label="`Lines of ${part.names[1] ?? part.names[0]}`">
          <table>
            <thead>
              <tr>
                <th scope="col">{{ comparison.names[0] }}</th>
                <th scope="col">{{ comparison.names[1] }}, in hand</th>
                <th scope="col" class="right">g before</th>
                <th scope="col" class="right">g now</th>
                <th scope="col" class="right">change</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(line, row) in part.lines" :key="row" :class="line.change">
                <td>{{ line.texts[0] ?? '' }}</td>
                <td>{{ line.texts[1] ?? '' }}</td>
                <td class="right figure">{{ line.grams[0] == null ? '' : figure(line.grams[0]) }}</td>
                <td class="right figure">{{ line.grams[1] == null ? '' : figure(line.grams[1]) }}</td>
                <td class="right figure">
                  {{
                    line.grams_change
                      ? `${line.grams_change > 0 ? '+' : '−'}${figure(Math.abs(line.grams_change))} g`
                      : LINE_WORDS[line.change]
                  }}
                </td>
              </tr>
              <tr v-for="row in shown(part.figures)" :key="row.figure" class="sum">
                <th scope="row" colspan="2">{{ row.figure === 'grams' ? 'In the bowl, g' : WORDS[row.figure] }}</th>
                <td class="right figure">{{ value(row, 'before') }}</td>
                <td class="right figure">{{ value(row, 'after') }}</td>
                <td class="right figure">{{ change(row) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>
      <section>
        <h2>The whole</h2>
        <div class="scroll" tabindex="0" role="region" aria-label="Figures of the whole">
          <table>
            <thead>
              <tr>
                <td></td>
                <th scope="col" class="right">before</th>
                <th scope="col" class="right">now</th>
                <th scope="col" class="right">change</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in shown(comparison.figures)" :key="row.figure">
                <th scope="row">{{ WORDS[row.figure] }}</th>
                <td class="right figure">{{ value(row, 'before') }}</td>
                <td class="right figure">{{ value(row, 'after') }}</td>
                <td class="right figure">{{ change(row) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p v-if="comparison.come.allergens.length">Now with {{ comparison.come.allergens.map(words).join(', ') }}.</p>
        <p v-if="comparison.gone.allergens.length">
          No longer with {{ comparison.gone.allergens.map(words).join(', ') }}.
        </p>
        <p v-if="comparison.come.diets.length">Now keeps to {{ comparison.come.diets.join(', ') }}.</p>
        <p v-if="comparison.gone.diets.length">No longer keeps to {{ comparison.gone.diets.join(', ') }}.</p>
      </section>
    </template>
    <div v-else class="skeleton" aria-hidden="true" />
  </div>
</template>

<style scoped>
.with {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-bottom: 16px;
}
.with :deep(.p-select) {
  min-width: 0;
  max-width: 100%;
}
section {
  margin-bottom: 24px;
}
.texture {
  font-family: var(--heading);
  color: var(--elm);
  margin: 2px 0 6px;
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--milk);
  border: 1px solid var(--bran);
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  color: var(--husk);
}
th,
td {
  padding: 6px 12px;
  border-top: 1px solid var(--bran);
  vertical-align: top;
}
.right {
  text-align: right;
  white-space: nowrap;
}
.same td {
  color: var(--husk);
}
.gone td:first-child {
  text-decoration: line-through;
}
.added td:nth-child(2),
.changed td:nth-child(2) {
  font-weight: 600;
}
.sum th,
.sum td {
  background: var(--oat);
}
</style>

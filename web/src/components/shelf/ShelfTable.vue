<script setup lang="ts">
/** The shelf as a plain table, sortable by each column. */
import { computed, ref } from 'vue'
import type { FormulaSummary } from '@/api/client'
import { figure, when } from '@/format'

const props = defineProps<{ formulas: FormulaSummary[] }>()
type Column = {
  id: string
  word: string
  of: (formula: FormulaSummary) => string | number
  show: (formula: FormulaSummary) => string
  right?: boolean
}
const COLUMNS: Column[] = [
  { id: 'name', word: 'Name', of: (f) => f.name.toLowerCase(), show: (f) => f.name },
  {
    id: 'texture',
    word: 'Texture',
    of: (f) => f.summary.saturation?.value ?? -1,
    show: (f) => f.summary.texture ?? 'not judged',
  },
  {
    id: 'fill',
    word: 'Fill',
    of: (f) => f.summary.saturation?.value ?? -1,
    show: (f) => f.summary.saturation?.value.toFixed(2) ?? '–',
    right: true,
  },
  { id: 'grams', word: 'Bowl, g', of: (f) => f.summary.grams, show: (f) => figure(f.summary.grams, 0), right: true },
  {
    id: 'pieces',
    word: 'Pieces',
    of: (f) => f.summary.pieces?.count ?? -1,
    show: (f) => String(f.summary.pieces?.count ?? '–'),
    right: true,
  },
  {
    id: 'kcal',
    word: 'kcal a piece',
    of: (f) => f.summary.kcal_per_piece ?? -1,
    show: (f) => (f.summary.kcal_per_piece ? figure(f.summary.kcal_per_piece, 0) : '–'),
    right: true,
  },
  { id: 'changed', word: 'Changed', of: (f) => f.updated_at, show: (f) => when(f.updated_at) },
]
const by = ref('name')
const down = ref(false)
function sort(id: string) {
  down.value = by.value === id ? !down.value : false
  by.value = id
}
const rows = computed(() => {
  const of = COLUMNS.find((column) => column.id === by.value)!.of
  const sign = down.value ? -1 : 1
  return [...props.formulas].sort((a, b) => (of(a) < of(b) ? -sign : of(a) > of(b) ? sign : 0))
})
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="Formulas as a table">
    <table>
      <thead>
        <tr>
          <th
            v-for="column in COLUMNS"
            :key="column.id"
            scope="col"
            :class="{ right: column.right }"
            :aria-sort="by === column.id ? (down ? 'descending' : 'ascending') : 'none'"
          >
            <button type="button" @click="sort(column.id)">
              {{ column.word }}<span aria-hidden="true">{{ by === column.id ? (down ? ' ↓' : ' ↑') : '' }}</span>
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="formula in rows" :key="formula.id">
          <td v-for="column in COLUMNS" :key="column.id" :class="{ right: column.right }">
            <RouterLink v-if="column.id === 'name'" :to="`/formulas/${formula.id}/mix`">{{
              column.show(formula)
            }}</RouterLink>
            <template v-else>{{ column.show(formula) }}</template>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--milk);
  border: 1px solid var(--bran);
}
th button {
  background: none;
  border: 0;
  font-weight: 600;
  padding: 10px 12px;
  cursor: pointer;
  white-space: nowrap;
}
th {
  text-align: left;
}
td {
  padding: 9px 12px;
  border-top: 1px solid var(--bran);
}
.right {
  text-align: right;
}
</style>

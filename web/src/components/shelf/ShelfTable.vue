<script setup lang="ts">
/** The shelf as a plain table, sortable by each column; only rows near what is seen are drawn. */
import type { FormulaSummary } from '@/api/client'
import type { Column, Order } from './order'
import { useTemplateRef } from 'vue'
import { useVirtualRows } from '@/composables/useVirtualRows'
import { figure, when } from '@/format'

const props = defineProps<{ formulas: FormulaSummary[]; count: number }>()
const emit = defineEmits<{ end: [] }>()
/** What it is sorted by; the server sorts. */
const order = defineModel<Order>('order', { required: true })

const COLUMNS: { id: Column; word: string; show: (formula: FormulaSummary) => string; right?: boolean }[] = [
  { id: 'name', word: 'Name', show: (f) => f.name },
  {
    id: 'fill',
    word: 'Texture and fill',
    show: (f) =>
      `${f.summary.texture ?? 'not judged'}${f.summary.saturation ? ` · ${f.summary.saturation.value.toFixed(2)}` : ''}`,
  },
  { id: 'grams', word: 'Bowl, g', show: (f) => figure(f.summary.grams, 0), right: true },
  { id: 'pieces', word: 'Pieces', show: (f) => String(f.summary.pieces?.count ?? '–'), right: true },
  {
    id: 'kcal',
    word: 'kcal a piece',
    show: (f) => (f.summary.kcal_per_piece ? figure(f.summary.kcal_per_piece, 0) : '–'),
    right: true,
  },
  {
    id: 'lives',
    word: 'Lives',
    show: (f) => (f.summary.keep ? `${f.summary.keep.place}, ${f.summary.keep.days} d` : '–'),
  },
  { id: 'changed', word: 'Changed', show: (f) => when(f.updated_at) },
]
/** About how high a row is, in pixels. */
const HEIGHT = 43
const sort = (id: Column) => (order.value = order.value === id ? `-${id}` : id)
const way = (id: Column) => (order.value === id ? 'ascending' : order.value === `-${id}` ? 'descending' : 'none')
const SIGNS = { ascending: ' ↑', descending: ' ↓', none: '' }
const list = useTemplateRef<HTMLElement>('list')
const { drawn, before, after, measure } = useVirtualRows(
  list,
  () => props.formulas.length,
  () => HEIGHT,
  () => emit('end'),
)
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="Formulas as a table">
    <table :aria-rowcount="count + 1">
      <thead>
        <tr aria-rowindex="1">
          <th
            v-for="column in COLUMNS"
            :key="column.id"
            scope="col"
            :class="{ right: column.right }"
            :aria-sort="way(column.id)"
          >
            <button type="button" @click="sort(column.id)">
              {{ column.word }}<span aria-hidden="true">{{ SIGNS[way(column.id)] }}</span>
            </button>
          </th>
        </tr>
      </thead>
      <tbody ref="list">
        <tr v-if="before" aria-hidden="true" :style="{ height: `${before}px` }" />
        <tr
          v-for="{ index } in drawn"
          :key="formulas[index]!.id"
          :ref="measure"
          :data-index="index"
          :aria-rowindex="index + 2"
        >
          <td v-for="column in COLUMNS" :key="column.id" :class="{ right: column.right }">
            <RouterLink v-if="column.id === 'name'" :to="`/formulas/${formulas[index]!.id}/mix`">{{
              column.show(formulas[index]!)
            }}</RouterLink>
            <template v-else>{{ column.show(formulas[index]!) }}</template>
          </td>
        </tr>
        <tr v-if="after" aria-hidden="true" :style="{ height: `${after}px` }" />
      </tbody>
    </table>
  </div>
</template>

<style scoped>
/* What is measured anew moves the page by itself; the browser's own anchor would do it twice. */
tbody {
  overflow-anchor: none;
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

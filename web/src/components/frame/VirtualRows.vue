<script setup lang="ts" generic="Row">
/** A long list, of which only the rows near what is seen are drawn. The slot draws one row. */
import { useTemplateRef } from 'vue'
import { useVirtualRows } from '@/composables/useVirtualRows'

const props = defineProps<{
  rows: Row[]
  /** What tells a row apart. */
  id: (row: Row) => string | number
  /** How many there are in all, loaded or not. */
  count: number
  /** About how high a row is, in pixels. */
  height: number
  label: string
}>()
const emit = defineEmits<{ end: [] }>()
const list = useTemplateRef<HTMLElement>('list')
const { drawn, before, after, measure } = useVirtualRows(
  list,
  () => props.rows.length,
  () => props.height,
  () => emit('end'),
)
</script>

<template>
  <ul ref="list" :aria-label="label" :style="{ paddingTop: `${before}px`, paddingBottom: `${after}px` }">
    <li
      v-for="{ index } in drawn"
      :key="id(rows[index]!)"
      :ref="measure"
      :data-index="index"
      :aria-posinset="index + 1"
      :aria-setsize="count"
    >
      <slot :row="rows[index]!" />
    </li>
  </ul>
</template>

<style scoped>
/* What is measured anew moves the page by itself; the browser's own anchor would do it twice. */
ul {
  overflow-anchor: none;
}
</style>

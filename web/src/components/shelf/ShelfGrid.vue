<script setup lang="ts">
/** The shelf: rows of small cups, as many in a row as there is room for; only rows near what is seen are drawn. */
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { FormulaSummary, Library } from '@/api/client'
import ShelfCup from './ShelfCup.vue'
import { useVirtualRows } from '@/composables/useVirtualRows'

const props = defineProps<{ formulas: FormulaSummary[]; library: Library; count: number }>()
const emit = defineEmits<{ end: [] }>()

/** Pixels: the least width of a cup, and about how high a row is. */
const WIDTH = 158
const HEIGHT = 330
const shelf = useTemplateRef<HTMLElement>('shelf')
const { width } = useElementSize(shelf)
const across = computed(() => Math.max(1, Math.floor(width.value / WIDTH)))
const boards = computed(() => {
  const each = across.value
  return Array.from({ length: Math.ceil(props.formulas.length / each) }, (_, at) =>
    props.formulas.slice(at * each, at * each + each),
  )
})
const list = useTemplateRef<HTMLElement>('list')
const { drawn, before, after, measure } = useVirtualRows(
  list,
  () => boards.value.length,
  () => HEIGHT,
  () => emit('end'),
)
</script>

<template>
  <div ref="shelf">
    <div
      ref="list"
      class="boards"
      role="list"
      aria-label="Formulas"
      :style="{ paddingTop: `${before}px`, paddingBottom: `${after}px` }"
    >
      <div
        v-for="{ index } in drawn"
        :key="index"
        :ref="measure"
        :data-index="index"
        role="presentation"
        class="board"
        :style="{ gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))` }"
      >
        <div
          v-for="(formula, at) in boards[index]"
          :key="formula.id"
          role="listitem"
          class="place"
          :aria-posinset="index * across + at + 1"
          :aria-setsize="count"
        >
          <ShelfCup :formula="formula" :library="library" />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
/* What is measured anew moves the page by itself; the browser's own anchor would do it twice. */
.boards {
  overflow-anchor: none;
}
.board {
  display: grid;
  padding-bottom: 20px;
}
.place {
  display: grid;
}
</style>

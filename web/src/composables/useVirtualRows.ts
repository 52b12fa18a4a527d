import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementBounding } from '@vueuse/core'
import { computed, watch, type ComponentPublicInstance, type Ref } from 'vue'

/** So many rows are drawn beyond what is seen, and so many from the end the next page is asked for. */
const BEYOND = 6

/**
 * Rows of a long list that scrolls with the page: only those near what is seen are drawn, each at its own height. `before` and `after` are the
 * pixels that the others would take; `end` is called as the end comes near.
 */
export function useVirtualRows(
  list: Readonly<Ref<HTMLElement | null>>,
  count: () => number,
  height: () => number,
  end: () => void,
) {
  const { top } = useElementBounding(list)
  const rows = useWindowVirtualizer(
    computed(() => ({
      count: count(),
      estimateSize: height,
      overscan: BEYOND,
      scrollMargin: list.value ? top.value + window.scrollY : 0,
    })),
  )
  const drawn = computed(() => rows.value.getVirtualItems())
  const before = computed(() => Math.max(0, (drawn.value[0]?.start ?? 0) - (rows.value.options.scrollMargin ?? 0)))
  const after = computed(() => {
    const last = drawn.value.at(-1)
    return last ? Math.max(0, rows.value.getTotalSize() - (last.end - (rows.value.options.scrollMargin ?? 0))) : 0
  })
  watch(
    () => (drawn.value.at(-1)?.index ?? -1) >= count() - 1 - BEYOND,
    (near) => near && end(),
    { immediate: true },
  )
  // A page that was shorter than what is seen brings its end near again.
  watch(count, () => (drawn.value.at(-1)?.index ?? -1) >= count() - 1 - BEYOND && end(), { flush: 'post' })
  const measure = (row: Element | ComponentPublicInstance | null) =>
    rows.value.measureElement((row as Element | null) ?? null)
  return { drawn, before, after, measure }
}

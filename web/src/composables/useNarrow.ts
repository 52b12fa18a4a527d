import { onBeforeUnmount, ref } from 'vue'

/** A phone held upright: drawings are made narrower there, so that their words stay as large. */
export function useNarrow() {
  const query = window.matchMedia?.('(max-width: 640px)')
  const narrow = ref(query?.matches ?? false)
  const look = () => (narrow.value = query.matches)
  query?.addEventListener?.('change', look)
  onBeforeUnmount(() => query?.removeEventListener?.('change', look))
  return narrow
}

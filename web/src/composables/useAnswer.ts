import { ref, shallowRef, watch, type Ref } from 'vue'
import type { FormulaDocument } from '@/api/document'

/** Milliseconds of rest before a change is sent. */
export const DEBOUNCE = 60

/** What the server answers of a document, asked again at each change: debounced, older questions cancelled. */
export function useAnswer<T>(
  document: Ref<FormulaDocument | undefined>,
  put: (asked: FormulaDocument, signal: AbortSignal) => Promise<T>,
  rest = DEBOUNCE,
) {
  const answer = shallowRef<T>()
  const error = ref<string>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let running: AbortController | undefined

  async function ask(asked: FormulaDocument) {
    running?.abort()
    const mine = (running = new AbortController())
    try {
      const found = await put(asked, mine.signal)
      if (mine !== running) return
      answer.value = found
      error.value = undefined
    } catch (failure) {
      if (mine !== running || (failure as Error).name === 'AbortError') return
      error.value = (failure as Error).message
    }
  }
  watch(
    document,
    (now, before) => {
      if (!now) return
      clearTimeout(timer)
      if (before) timer = setTimeout(ask, rest, now)
      else void ask(now)
    },
    { immediate: true },
  )
  const again = () => document.value && ask(document.value)
  return { answer, error, again }
}

import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, unwrap, type Assessment } from '@/api/client'
import type { FormulaDocument } from '@/api/document'

/** Milliseconds of rest before a change is sent. */
export const DEBOUNCE = 60

/** The assessment of a document, asked again at each change: debounced, older questions cancelled. */
export function useAssessment(document: Ref<FormulaDocument | undefined>) {
  const assessment = shallowRef<Assessment>()
  const error = ref<string>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let running: AbortController | undefined

  async function ask(asked: FormulaDocument) {
    running?.abort()
    const mine = (running = new AbortController())
    try {
      const answer = await unwrap(api.POST('/api/assess', { body: asked, signal: mine.signal }))
      if (mine !== running) return
      assessment.value = answer
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
      timer = setTimeout(ask, before ? DEBOUNCE : 0, now)
    },
    { immediate: true },
  )
  const again = () => document.value && ask(document.value)
  return { assessment, error, again }
}

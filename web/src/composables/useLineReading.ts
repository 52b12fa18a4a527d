import { shallowRef, watch, type Ref } from 'vue'
import { api, unwrap, type AssessedLine } from '@/api/client'
import type { DocumentLine } from '@/api/document'
import { DEBOUNCE } from './useAssessment'

/** How a line reads while it is typed: debounced, older questions cancelled; nothing while it is empty. */
export function useLineReading(
  line: Ref<DocumentLine | undefined>,
  process: Ref<'hand' | 'processor'>,
  cup: Ref<string | undefined>,
) {
  const reading = shallowRef<AssessedLine>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let running: AbortController | undefined

  async function ask(text: string, ingredient?: string) {
    const mine = (running = new AbortController())
    try {
      const body = { text, ingredient, process: process.value, cup: cup.value as never }
      const answer = await unwrap(api.POST('/api/lines', { body, signal: mine.signal }))
      if (mine === running) reading.value = answer
    } catch {
      // Overtaken or unreachable: the assessment of the whole says when the server does not answer.
    }
  }
  watch([line, process, cup], ([now]) => {
    clearTimeout(timer)
    running?.abort()
    running = undefined
    if (!now?.text?.trim()) {
      reading.value = undefined
      return
    }
    timer = setTimeout(ask, DEBOUNCE, now.text, now.ingredient)
  })
  return { reading }
}

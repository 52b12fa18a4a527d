import { shallowRef, watch, type Ref } from 'vue'
import { api, unwrap, type AssessedLine } from '@/api/client'
import type { DocumentKitchen, DocumentLine } from '@/api/document'
import { DEBOUNCE } from './useAssessment'

/** A line being typed; `was` is the line that its ingredient was chosen for. */
export type TypedLine = DocumentLine & { was?: string }

/** How a line reads while it is typed: debounced, older questions cancelled; nothing while it is empty. */
export function useLineReading(
  line: Ref<TypedLine | undefined>,
  process: Ref<'hand' | 'processor'>,
  kitchen: Ref<DocumentKitchen | undefined>,
) {
  const reading = shallowRef<AssessedLine>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let running: AbortController | undefined

  /** Resolves to what a line reads as, or to nothing where that was cancelled or the server does not answer. */
  async function read({ text, ingredient, was }: TypedLine, signal?: AbortSignal): Promise<AssessedLine | undefined> {
    const { cup, spoons } = kitchen.value ?? {}
    const body = { text: text!, ingredient, was, process: process.value, cup: cup, spoons }
    try {
      return await unwrap(api.POST('/api/lines', { body, signal }))
    } catch {
      // The assessment of the whole says when the server does not answer.
      return undefined
    }
  }
  async function ask(now: TypedLine) {
    const mine = (running = new AbortController())
    const answer = await read(now, mine.signal)
    if (answer && mine === running) reading.value = answer
  }
  watch([line, process, kitchen], ([now]) => {
    clearTimeout(timer)
    running?.abort()
    running = undefined
    if (!now?.text?.trim()) {
      reading.value = undefined
      return
    }
    timer = setTimeout(ask, DEBOUNCE, now)
  })
  return { reading, read }
}

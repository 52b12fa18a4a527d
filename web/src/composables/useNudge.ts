import { shallowRef } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DocumentLine } from '@/api/document'

/** A line so many spoon steps larger, smaller where negative. `shown` is its text; a line in grams becomes one. */
async function nudged(line: DocumentLine, shown: string, steps: number): Promise<DocumentLine> {
  const { text } = await unwrap(api.POST('/api/nudge', { body: { text: shown, steps } }))
  return { text, ...(line.ingredient ? { ingredient: line.ingredient } : {}) }
}

/** Spoon steps on a line, by key, button or drag; of a drag only the newest answer counts. */
export function useNudge() {
  const latest = shallowRef<symbol>()

  /** Resolves to the moved line, or to undefined when a later step overtook this one. */
  async function nudge(line: DocumentLine, shown: string, steps: number) {
    const mine = Symbol('step')
    latest.value = mine
    const moved = steps === 0 ? line : await nudged(line, shown, steps)
    return latest.value === mine ? moved : undefined
  }
  return { nudge }
}

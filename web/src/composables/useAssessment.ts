import type { Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { useAnswer } from './useAnswer'

export { DEBOUNCE } from './useAnswer'

/** The assessment of a document, asked again at each change: all of it but the cold and the keeping, which come after (useCold). */
export function useAssessment(document: Ref<FormulaDocument | undefined>) {
  const { answer, error, again } = useAnswer(document, (asked, signal) =>
    unwrap(api.POST('/api/assess', { body: asked, signal, params: { query: { without: 'cold,keep' } } })),
  )
  return { assessment: answer, error, again }
}

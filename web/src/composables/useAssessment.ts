import type { Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { useAnswer } from './useAnswer'

export { DEBOUNCE } from './useAnswer'

/** The assessment of a document, asked again at each change. */
export function useAssessment(document: Ref<FormulaDocument | undefined>) {
  const { answer, error, again } = useAnswer(document, (asked, signal) =>
    unwrap(api.POST('/api/assess', { body: asked, signal })),
  )
  return { assessment: answer, error, again }
}

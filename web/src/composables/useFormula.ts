import { computed, inject, provide, shallowRef, type InjectionKey } from 'vue'
import type { FormulaDocument } from '@/api/document'
import { useAssessment } from './useAssessment'
import { useDraft } from './useDraft'
import { say } from './useNotice'

/** A formula that is open: one draft and one assessment for all of its tabs. */
function openFormula(id: number) {
  const draft = useDraft(id)
  /** What is shown in the draft's place and not kept: a line being typed, an answer that is tried on. */
  const instead = shallowRef<FormulaDocument>()
  const asked = computed(() => (draft.loaded.value ? (instead.value ?? draft.document.value) : undefined))
  const judged = useAssessment(asked)
  async function save() {
    const version = await draft.save()
    if (version) say(`Saved as version ${version.number}.`)
  }
  void draft.load()
  return { id, draft, instead, ...judged, save }
}
export type OpenFormula = ReturnType<typeof openFormula>
const KEY: InjectionKey<OpenFormula> = Symbol('formula')

/** Opens a formula for the tabs below. */
export function provideFormula(id: number): OpenFormula {
  const formula = openFormula(id)
  provide(KEY, formula)
  return formula
}
/** The formula that the tab is of. */
export function useFormula(): OpenFormula {
  const formula = inject(KEY)
  if (!formula) throw new Error('no formula is open above this component')
  return formula
}

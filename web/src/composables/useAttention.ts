import type { DietId, Finding } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import type { Draft } from './useDraft'

/** Whom a formula is for, and what the second look may say of it. Every change is one edit. */
export function useAttention(draft: Draft) {
  /** An empty list is left out of the document. */
  function setList<Key extends 'needs' | 'muted'>(label: string, key: Key, list: FormulaDocument[Key] & unknown[]) {
    return draft.edit(label, (copy) => {
      if (list.length) copy[key] = list
      else delete copy[key]
    })
  }
  const muted = () => draft.document.value.muted ?? []
  const setNeeds = (needs: DietId[]) => setList('what the eaters need', 'needs', needs)
  const mute = (rule: string) => setList('muting a rule', 'muted', [...new Set([...muted(), rule])])
  const unmute = (rule: string) =>
    setList(
      'hearing a rule again',
      'muted',
      muted().filter((each) => each !== rule),
    )
  const mend = (finding: Finding) => draft.apply(finding.remedy.text, finding.remedy.patch)
  return { setNeeds, mute, unmute, mend }
}

import { computed, onActivated, onDeactivated, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DocumentLives, DocumentStretch, FormulaDocument } from '@/api/document'
import type { Draft } from './useDraft'
import { useAnswer } from './useAnswer'

/** Milliseconds of rest before the cold is asked for: it takes longer than the rest, and nobody waits for it letter by letter. */
const REST = 350

/** The draft while the view that asks is in front. */
function whileOpen(draft: Draft) {
  const open = ref(true)
  onActivated(() => (open.value = true))
  onDeactivated(() => (open.value = false))
  return computed(() => (open.value && draft.loaded.value ? draft.document.value : undefined))
}

/** In short: when it is ready, what it holds to, where it lives. */
export function useColdVerdict(draft: Draft) {
  const { answer } = useAnswer(
    whileOpen(draft),
    (document, signal) =>
      unwrap(api.POST('/api/assess/sections', { body: { document, sections: ['cold', 'keep'] }, signal })),
    REST,
  )
  return { cold: computed(() => answer.value?.cold), keep: computed(() => answer.value?.keep) }
}

/** All of the cold and the keeping of a draft, and the edits that change them. */
export function useCold(draft: Draft) {
  const { answer, error, again } = useAnswer(
    whileOpen(draft),
    (document, signal) => unwrap(api.POST('/api/cold', { body: document, signal })),
    REST,
  )
  const edit = (label: string, change: (copy: FormulaDocument) => void) => draft.edit(label, change)
  return {
    answer,
    error,
    again,
    setLives: (lives: DocumentLives) => edit('where they live', (copy) => void (copy.lives = lives)),
    setJourney: (journey: DocumentStretch[]) =>
      edit('the journey', (copy) => {
        if (journey.length) copy.journey = journey
        else delete copy.journey
      }),
  }
}

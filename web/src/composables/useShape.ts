import { computed, onActivated, onDeactivated, ref } from 'vue'
import { api, unwrap, type ShapeWay } from '@/api/client'
import type { DocumentCoat, DocumentLives, DocumentShape, FormulaDocument } from '@/api/document'
import type { Draft } from './useDraft'
import { useAnswer } from './useAnswer'

/** A shape with one figure said anew. Of the figures that exclude each other the others go; nothing lets a figure follow again. */
export function shapeWith(
  shape: DocumentShape,
  ways: readonly ShapeWay[],
  way: ShapeWay,
  value?: number,
): DocumentShape {
  const sizes = ways.filter((each) => !each.beside).map((each) => each.key)
  const gone = way.beside ? [way.key] : [...sizes, 'grid']
  const kept = Object.fromEntries(Object.entries(shape).filter(([key]) => !gone.includes(key)))
  return {
    ...kept,
    ...(value === undefined ? {} : { [way.key]: way.whole ? Math.round(value) : value }),
  } as DocumentShape
}

/** Pieces, cut and coat of a draft, as the server answers them while the tab is open, and the edits that change them. */
export function useShape(draft: Draft) {
  const open = ref(true)
  onActivated(() => (open.value = true))
  onDeactivated(() => (open.value = false))
  const asked = computed(() => (open.value && draft.loaded.value ? draft.document.value : undefined))
  const { answer, error, again } = useAnswer(asked, (document, signal) =>
    unwrap(api.POST('/api/shape', { body: document, signal })),
  )
  const edit = (label: string, change: (copy: FormulaDocument) => void) => draft.edit(label, change)
  return {
    answer,
    error,
    again,
    setShape: (shape: DocumentShape) => edit('the shape', (copy) => void (copy.shape = shape)),
    setCoat: (coat: DocumentCoat) => edit('the coat', (copy) => void (copy.coat = coat)),
    setLives: (lives: DocumentLives) => edit('where they live', (copy) => void (copy.lives = lives)),
  }
}

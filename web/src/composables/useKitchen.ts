import type { TextureId } from '@/api/client'
import type { DocumentKitchen, DocumentShape } from '@/api/document'
import type { Draft } from './useDraft'

/** How a formula is mixed, measured and portioned. Every change is one edit; `index` is the component in hand. */
export function useKitchen(draft: Draft, index: () => number) {
  const ofPart = (label: string, changes: object) =>
    draft.edit(label, (copy) => void Object.assign(copy.components[index()]!, changes))

  const setShape = (shape: DocumentShape) => draft.edit('the portion', (copy) => void (copy.shape = shape))
  const setProcess = (process: 'hand' | 'processor') => ofPart('how it is mixed', { process })
  const setWant = (want: TextureId) => ofPart('the wanted texture', { want })
  const setKitchen = (kitchen: object) =>
    draft.edit('the kitchen', (copy) => void (copy.kitchen = { ...copy.kitchen, ...kitchen } as DocumentKitchen))
  const dropKitchen = () => draft.edit('the kitchen', (copy) => void delete copy.kitchen)
  return { setShape, setProcess, setWant, setKitchen, dropKitchen }
}

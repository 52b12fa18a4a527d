import { api, unwrap, type EditedParts, type PartsEdit } from '@/api/client'
import type { DocumentTake, PartType } from '@/api/document'
import type { Draft } from './useDraft'
import { say } from './useNotice'

/** Where the slip stands: a component, the lines of a flavour or what is strewn on it, or the whole formula. */
export interface Place {
  list: 'whole' | 'components' | 'splits'
  index: number
  key: 'lines' | 'topping'
}

/** What is taken, as a cook types it: "25 %", "60 g" or "1/4 cup". */
export const takeText = (take: DocumentTake) =>
  take.text ?? (take.share === undefined ? `${take.grams} g` : `${Number((take.share * 100).toFixed(2))} %`)

/** Changes to the parts of a draft. The core makes each of them, and what belongs to a part goes with it; each is one edit. */
export function useParts(draft: Draft) {
  let last: Promise<unknown> = Promise.resolve()
  const count = () => [draft.document.value.components.length, draft.document.value.splits?.length ?? 0].join()

  /**
   * Makes a change after the one before it. Resolves to what came of it; to nothing where it was not made, and the cook is told why, or
   * where a part came or went meanwhile, so that the place is another's now.
   */
  function change(edit: PartsEdit): Promise<EditedParts | undefined> {
    const then = count()
    const making = last.then(() => (count() === then ? make(edit) : undefined))
    last = making
    return draft.expect(making)
  }
  async function make(edit: PartsEdit): Promise<EditedParts | undefined> {
    try {
      for (;;) {
        const document = draft.document.value
        const made = await unwrap(api.POST('/api/parts', { body: { document, edit } }))
        // What was typed while the core was at it comes first.
        if (draft.document.value !== document) continue
        draft.put(made.words, made.formula)
        if (made.said) say(made.said, { word: 'Undo', run: () => draft.undo() })
        return made
      }
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  const placeOf = async (made: Promise<EditedParts | undefined>): Promise<Place | undefined> => {
    const place = (await made)?.place
    return place && { ...place, key: 'lines' }
  }
  return {
    /** Adds a part behind the others; its place. */
    add: (type: PartType) => placeOf(change({ kind: 'add_part', type })),
    remove: (at: number) => change({ kind: 'remove_part', at }),
    /** Whether it took; a name that another part has gets a number. */
    rename: async (at: number, name: string) => !!(await change({ kind: 'rename_part', at, name })),
    move: (at: number, to: number) => placeOf(change({ kind: 'move_part', at, to })),
    setType: (at: number, type: PartType) => change({ kind: 'type_part', at, type }),
    /** What a part takes of another, as typed; nothing takes it out. `take` is its place among what is taken, none for one more. */
    take: (at: number, take: number | undefined, amount: string, of?: string) =>
      change({ kind: 'take', at, take, amount, of }),
    addFlavour: () => placeOf(change({ kind: 'add_flavour' })),
    removeFlavour: (at: number) => change({ kind: 'remove_flavour', at }),
    renameFlavour: async (at: number, name: string) => !!(await change({ kind: 'rename_flavour', at, name })),
    shareFlavour: (at: number, percent: number) => change({ kind: 'share_flavour', at, percent }),
  }
}
export type Parts = ReturnType<typeof useParts>

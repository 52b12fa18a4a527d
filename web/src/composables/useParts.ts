import type { Wish } from '@/api/client'
import type { DocumentComponent, DocumentSplit, DocumentTake, FormulaDocument } from '@/api/document'
import type { Draft } from './useDraft'
import { say } from './useNotice'

/** Where the slip stands: a component, the lines of a flavour or what is strewn on it, or the whole formula. */
export interface Place {
  list: 'whole' | 'components' | 'splits'
  index: number
  key: 'lines' | 'topping'
}

/** "25 %", "60 g" or "1/4 cup" as a document has it; nothing for an empty text. */
export function takeOf(component: string, typed: string): DocumentTake | undefined {
  const text = typed.trim()
  if (!text) return undefined
  const share = /^(\d+(?:[.,]\d+)?)\s*%$/.exec(text)
  if (share) return { component, share: Number(share[1]!.replace(',', '.')) / 100 }
  const grams = /^(\d+(?:[.,]\d+)?)\s*g(?:rams?)?$/i.exec(text)
  if (grams) return { component, grams: Number(grams[1]!.replace(',', '.')) }
  return { component, text }
}
/** The same the other way, as a cook types it. */
export const takeText = (take: DocumentTake) =>
  take.text ?? (take.share === undefined ? `${take.grams} g` : `${Number((take.share * 100).toFixed(2))} %`)

const unused = (name: string, taken: string[]) => {
  let next = name
  for (let number = 2; taken.includes(next); number += 1) next = `${name} ${number}`
  return next
}

/**
 * The parts of a formula: components in their order, what they take of each other, and flavours. Every change is one edit.
 * `base` is the component that the flavours are parts of, nothing where there are none; `wished` are the wishes, each with the part
 * that it is said of: both as the core says.
 */
export function useParts(draft: Draft, base: () => string | undefined, wished: () => Wish[]) {
  const names = () => draft.document.value.components.map((part) => part.name)

  /** Adds a component behind the others; its index. */
  function add(type: DocumentComponent['type'] = 'filling'): number {
    const at = draft.document.value.components.length
    draft.edit(`adding a ${type}`, (copy) => {
      copy.components.push({ name: unused(type, names()), type, process: 'hand', lines: [] })
    })
    return at
  }
  /** Takes a component out, with what others take of it. */
  function remove(index: number) {
    const name = names()[index]!
    const named = base()
    draft.edit(`taking out ${name}`, (copy) => {
      copy.components.splice(index, 1)
      for (const part of copy.components) keepTakes(part, part.takes?.filter((take) => take.component !== name) ?? [])
      const goes = (split: DocumentSplit) => (split.component ?? named) === name
      for (const gone of [name, ...(copy.splits ?? []).filter(goes).map((split) => split.name)]) keepWishes(copy, gone)
      keepSplits(copy, copy.splits?.filter((split) => !goes(split)) ?? [])
    })
    say(`“${name}” is out, with what was taken of it.`, { word: 'Undo', run: () => draft.undo() })
  }
  function rename(index: number, typed: string) {
    const before = names()[index]!
    const name = typed.trim()
    if (!name || name === before) return
    const next = unused(
      name,
      names().filter((_, at) => at !== index),
    )
    draft.edit(`the name of ${before}`, (copy) => {
      copy.components[index]!.name = next
      for (const part of copy.components)
        for (const take of part.takes ?? []) if (take.component === before) take.component = next
      for (const split of copy.splits ?? []) if (split.component === before) split.component = next
      keepWishes(copy, before, next)
    })
  }
  /** Puts a component at another place in the order. */
  function move(from: number, to: number) {
    if (to < 0 || to >= names().length || from === to) return
    draft.edit(`the order of ${names()[from]}`, (copy) => {
      keepBase(copy)
      const [part] = copy.components.splice(from, 1)
      copy.components.splice(to, 0, part!)
    })
  }
  /** Flavours that name no base stay with the one they have, whatever becomes the leading part. */
  function keepBase(document: FormulaDocument) {
    const named = base()
    if (named) for (const split of document.splits ?? []) split.component ??= named
  }
  const setType = (index: number, type: DocumentComponent['type']) =>
    draft.edit(`the type of ${names()[index]}`, (copy) => {
      keepBase(copy)
      copy.components[index]!.type = type
    })

  function take(index: number, at: number | undefined, next: DocumentTake | undefined) {
    draft.edit(`what ${names()[index]} takes`, (copy) => {
      const part = copy.components[index]!
      const takes = [...(part.takes ?? [])]
      if (at === undefined) takes.push(next!)
      else takes.splice(at, 1, ...(next ? [next] : []))
      keepTakes(part, takes)
    })
  }

  function addFlavour(): number {
    const splits = draft.document.value.splits ?? []
    const rest = Math.max(0, 1 - splits.reduce((sum, split) => sum + split.share, 0))
    draft.edit('adding a flavour', (copy) => {
      const name = unused(
        'flavour',
        splits.map((split) => split.name),
      )
      copy.splits = [
        ...splits,
        {
          name,
          share: Number((rest > 0.001 ? Math.min(0.5, rest) : 0.1).toFixed(4)),
          ...(base() ? { component: base() } : {}),
          lines: [],
        },
      ]
      if (rest <= 0.001) shareEvenly(copy.splits)
    })
    return splits.length
  }
  /** A name that another flavour has gets a number. */
  function setFlavour(index: number, changes: Partial<DocumentSplit>) {
    const others = draft.document.value.splits!.filter((_, at) => at !== index).map((split) => split.name)
    const name = changes.name === undefined ? {} : { name: unused(changes.name, others) }
    draft.edit('the flavour', (copy) => {
      if (name.name) keepWishes(copy, copy.splits![index]!.name, name.name)
      Object.assign(copy.splits![index]!, changes, name)
    })
  }
  function removeFlavour(index: number) {
    const name = draft.document.value.splits![index]!.name
    draft.edit(`taking out ${name}`, (copy) => {
      keepWishes(copy, name)
      keepSplits(
        copy,
        copy.splits!.filter((_, at) => at !== index),
      )
    })
    say(`“${name}” is out.`, { word: 'Undo', run: () => draft.undo() })
  }
  /** What is wished of a part goes with it: to its next name, or out. */
  function keepWishes(document: FormulaDocument, name: string, next?: string) {
    const of = wished().flatMap((each) => (each.component === name ? [each.wish] : []))
    const wishes = document.wishes?.flatMap((wish) => {
      if (!of.includes(wish)) return [wish]
      return next ? [next + wish.slice(name.length)] : []
    })
    if (wishes?.length) document.wishes = wishes
    else delete document.wishes
  }
  return { add, remove, rename, move, setType, take, addFlavour, setFlavour, removeFlavour }
}
export type Parts = ReturnType<typeof useParts>

function shareEvenly(splits: DocumentSplit[]) {
  for (const split of splits) split.share = Math.floor(10_000 / splits.length) / 10_000
}
function keepTakes(part: DocumentComponent, takes: DocumentTake[]) {
  if (takes.length) part.takes = takes
  else delete part.takes
}
function keepSplits(document: FormulaDocument, splits: DocumentSplit[]) {
  if (splits.length) document.splits = splits
  else delete document.splits
}

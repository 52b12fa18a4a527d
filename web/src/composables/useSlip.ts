import { computed, ref, shallowRef, watch } from 'vue'
import type { AssessedComponent, AssessedFlavour, RescueOption } from '@/api/client'
import type { DocumentLine, FormulaDocument } from '@/api/document'
import type { OpenFormula } from './useFormula'
import { say } from './useNotice'
import { useNudge } from './useNudge'
import type { Place } from './useParts'

/** Anything that holds lines: a component, or a flavour. */
type Part = { lines?: DocumentLine[]; topping?: DocumentLine[] }

/** The lines in hand of a draft: every way they change is one edit, and what is only shown is never kept. */
export function useSlip({ draft, instead, assessment, error, again }: OpenFormula) {
  const place = ref<Place>({ list: 'components', index: 0, key: 'lines' })
  /** A line being typed or dragged that reads well: shown in the Cup before it is kept. `at` is its row, or none for a new line. */
  const preview = shallowRef<{ at?: number; line: DocumentLine }>()
  /** Another formula that is tried on: shown in the draft's place, and not kept. */
  const tried = shallowRef<FormulaDocument>()
  /** The row whose ingredient is being chosen. */
  const picking = ref<number>()

  // Undo and an earlier version may leave fewer parts than there were.
  watch(
    () => [draft.document.value.components.length, draft.document.value.splits?.length ?? 0] as const,
    ([components, splits]) => {
      const { list, index } = place.value
      const there = list === 'splits' ? splits : components
      if (list !== 'whole' && index >= there)
        place.value = { list: 'components', index: Math.max(0, components - 1), key: 'lines' }
    },
  )
  // What was tried on was tried on another draft.
  watch(draft.document, () => (tried.value = undefined))
  watch(place, () => {
    preview.value = undefined
    picking.value = undefined
  })
  const partOf = (document: FormulaDocument): Part | undefined =>
    place.value.list === 'whole' ? undefined : document[place.value.list]?.[place.value.index]
  const component = computed(() =>
    place.value.list === 'components' ? draft.document.value.components[place.value.index] : undefined,
  )
  const flavour = computed(() =>
    place.value.list === 'splits' ? draft.document.value.splits?.[place.value.index] : undefined,
  )
  const lines = computed<DocumentLine[]>(() => partOf(draft.document.value)?.[place.value.key] ?? [])
  const kitchen = computed(() => draft.document.value.kitchen)
  /** Pieces are folded into a flavour by hand. */
  const process = computed(() => component.value?.process ?? 'hand')
  /** What is shown in the draft's place, where something is. */
  const shown = computed<FormulaDocument | undefined>(() => {
    if (tried.value) return tried.value
    return preview.value && put(draft.document.value, withPreview(lines.value, preview.value))
  })
  watch(shown, (now) => (instead.value = now), { flush: 'sync' })
  /** What is shown holds a line that is not kept: remedies would be for a bowl that is not there. */
  const provisional = computed(() => preview.value !== undefined || tried.value !== undefined)
  const assessed = computed<AssessedComponent | AssessedFlavour | undefined>(() =>
    place.value.list === 'whole' ? undefined : assessment.value?.[place.value.list]?.[place.value.index],
  )
  const assessedLines = computed(() => {
    const part = assessed.value
    return (place.value.key === 'topping' ? (part as AssessedFlavour | undefined)?.topping : part?.lines) ?? []
  })

  /** `document` with other lines in hand. */
  function put(document: FormulaDocument, next: DocumentLine[]): FormulaDocument {
    const { list, index, key } = place.value
    if (list === 'whole') return document
    const parts = document[list] as Part[] | undefined
    return { ...document, [list]: parts?.map((part, at) => (at === index ? { ...part, [key]: next } : part)) }
  }
  function withPreview(kept: DocumentLine[], { at, line }: { at?: number; line: DocumentLine }) {
    return at === undefined ? [...kept, line] : kept.map((old, row) => (row === at ? line : old))
  }
  function inLines(label: string, make: (lines: DocumentLine[]) => void) {
    preview.value = undefined
    return draft.edit(label, (copy) => {
      const part = partOf(copy)
      if (part) make((part[place.value.key] ??= []))
    })
  }

  /** Shows a line in the Cup without keeping it; nothing puts the kept one back. */
  function show(line: DocumentLine | undefined, at?: number) {
    preview.value = line && { at, line }
  }
  const add = (line: DocumentLine) => inLines(`adding “${line.text}”`, (kept) => void kept.push(line))
  const change = (row: number, line: DocumentLine) =>
    inLines(`“${line.text ?? line.ingredient}”`, (kept) => void kept.splice(row, 1, line))
  /** Puts each of several things that stood in one line on a line of its own. */
  const part = (row: number, texts: string[]) =>
    inLines(
      `a line for each of “${lines.value[row]?.text}”`,
      (kept) => void kept.splice(row, 1, ...texts.map((text) => ({ text }))),
    )
  function remove(row: number) {
    const gone = assessedLines.value[row]?.text ?? 'the line'
    inLines(`taking out “${gone}”`, (kept) => void kept.splice(row, 1))
    say(`“${gone}” is out.`, { word: 'Undo', run: () => draft.undo() })
  }
  const { nudge: step } = useNudge()
  /** A line moved by spoon steps: kept at once, or only shown while it is dragged. */
  async function nudge(row: number, steps: number, keep = true) {
    const line = lines.value[row]
    if (!line) return
    // Of the line that is kept, not of the one that a drag shows meanwhile.
    const shown = line.text ?? `${line.grams} g ${assessedLines.value[row]?.name?.toLowerCase()}`
    try {
      const moved = await draft.expect(step(line, shown, steps))
      if (!moved || lines.value[row] !== line) return
      if (!keep) show(moved, row)
      else if (moved.text === shown) show(undefined)
      else change(row, moved)
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  /** Says what the picked row is. */
  function choose(ingredient: string) {
    const row = picking.value
    const line = row === undefined ? undefined : lines.value[row]
    picking.value = undefined
    if (row === undefined || !line) return
    change(row, line.text ? { text: line.text, ingredient } : { ingredient, grams: line.grams })
  }
  function dose(option: RescueOption) {
    show(undefined)
    const done = draft.apply(option.text, option.patch)
    if (done) say(`${option.text} added.`, { word: 'Undo', run: () => draft.undo() })
  }

  return {
    place,
    component,
    flavour,
    lines,
    process,
    kitchen,
    picking,
    tried,
    provisional,
    assessment,
    assessed,
    assessedLines,
    error,
    again,
    show,
    add,
    change,
    part,
    remove,
    nudge,
    choose,
    dose,
  }
}

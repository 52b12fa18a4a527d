import { computed, ref, shallowRef } from 'vue'
import type { Finding, RescueOption, TextureId } from '@/api/client'
import type { DocumentComponent, DocumentKitchen, DocumentLine, DocumentShape, FormulaDocument } from '@/api/document'
import { useAssessment } from './useAssessment'
import type { Draft } from './useDraft'
import { say } from './useNotice'
import { useNudge } from './useNudge'

/** The lines of one component of a draft: every way they change is one edit, and what is only shown is never kept. */
export function useSlip(draft: Draft) {
  const index = ref(0)
  /** A line being typed or dragged that reads well: shown in the Cup before it is kept. `at` is its row, or none for a new line. */
  const preview = shallowRef<{ at?: number; line: DocumentLine }>()
  /** The row whose ingredient is being chosen. */
  const picking = ref<number>()

  const component = computed<DocumentComponent | undefined>(() => draft.document.value.components[index.value])
  const process = computed(() => component.value?.process ?? 'hand')
  const asked = computed<FormulaDocument | undefined>(() => {
    if (!draft.loaded.value) return undefined
    const document = draft.document.value
    if (!preview.value) return document
    const lines = withPreview(component.value?.lines ?? [], preview.value)
    const components = document.components.map((part, which) => (which === index.value ? { ...part, lines } : part))
    return { ...document, components }
  })
  /** What is shown holds a line that is not kept: remedies would be for a bowl that is not there. */
  const provisional = computed(() => preview.value !== undefined)
  const { assessment, error, again } = useAssessment(asked)
  const assessed = computed(() => assessment.value?.components[index.value])

  function withPreview(lines: DocumentLine[], { at, line }: { at?: number; line: DocumentLine }) {
    return at === undefined ? [...lines, line] : lines.map((old, row) => (row === at ? line : old))
  }
  function inComponent(label: string, make: (part: DocumentComponent) => void) {
    preview.value = undefined
    return draft.edit(label, (copy) => make(copy.components[index.value]!))
  }

  /** Shows a line in the Cup without keeping it; nothing puts the kept one back. */
  function show(line: DocumentLine | undefined, at?: number) {
    preview.value = line && { at, line }
  }
  const add = (line: DocumentLine) => inComponent(`adding “${line.text}”`, (part) => void part.lines.push(line))
  const change = (row: number, line: DocumentLine) =>
    inComponent(`“${line.text ?? line.ingredient}”`, (part) => void part.lines.splice(row, 1, line))
  function remove(row: number) {
    const gone = assessed.value?.lines[row]?.text ?? 'the line'
    inComponent(`taking out “${gone}”`, (part) => void part.lines.splice(row, 1))
    say(`“${gone}” is out.`, { word: 'Undo', run: () => draft.undo() })
  }
  const { nudge: step } = useNudge()
  /** A line moved by spoon steps: kept at once, or only shown while it is dragged. */
  async function nudge(row: number, steps: number, keep = true) {
    const line = component.value?.lines[row]
    if (!line) return
    // Of the line that is kept, not of the one that a drag shows meanwhile.
    const shown = line.text ?? `${line.grams} g ${assessed.value?.lines[row]?.name?.toLowerCase()}`
    try {
      const moved = await step(line, shown, steps)
      if (!moved || component.value?.lines[row] !== line) return
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
    const line = row === undefined ? undefined : component.value?.lines[row]
    picking.value = undefined
    if (row === undefined || !line) return
    change(row, line.text ? { text: line.text, ingredient } : { ingredient, grams: line.grams })
  }
  function dose(option: RescueOption) {
    show(undefined)
    const done = draft.apply(option.text, option.patch)
    if (done) say(`${option.text} added.`, { word: 'Undo', run: () => draft.undo() })
  }
  function mend(finding: Finding) {
    show(undefined)
    draft.apply(finding.remedy.text, finding.remedy.patch)
  }
  const setShape = (shape: DocumentShape) => draft.edit('the portion', (copy) => void (copy.shape = shape))
  const setProcess = (next: 'hand' | 'processor') =>
    inComponent('how it is mixed', (part) => void (part.process = next))
  const setKitchen = (kitchen: DocumentKitchen) =>
    draft.edit('the kitchen', (copy) => void (copy.kitchen = { ...copy.kitchen, ...kitchen }))
  const setWant = (want: TextureId) => inComponent('the wanted texture', (part) => void (part.want = want))

  return {
    index,
    component,
    process,
    picking,
    provisional,
    assessment,
    assessed,
    error,
    again,
    show,
    add,
    change,
    remove,
    nudge,
    choose,
    dose,
    mend,
    setShape,
    setProcess,
    setWant,
    setKitchen,
  }
}

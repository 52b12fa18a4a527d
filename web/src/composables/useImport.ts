import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Import } from '@/api/client'
import type { DocumentLine, FormulaDocument } from '@/api/document'
import { useAssessment } from './useAssessment'
import { say } from './useNotice'

const MOST_BYTES = 1_000_000

/** A recipe on its way in: its text, what it was read as, corrections made to that, and taking it whole. */
export function useImport() {
  const router = useRouter()
  const text = ref('')
  const read = shallowRef<Import>()
  const document = shallowRef<FormulaDocument>()
  const error = ref<string>()
  const reading = ref(false)
  const taking = ref(false)
  const { assessment } = useAssessment(document)
  watch(text, () => {
    read.value = document.value = undefined
  })

  async function look() {
    const { value: asked } = text
    reading.value = true
    error.value = undefined
    try {
      const answer = await unwrap(api.POST('/api/import', { body: { text: asked } }))
      if (text.value !== asked) return
      read.value = answer
      document.value = read.value.formula
    } catch (failure) {
      error.value = (failure as Error).message
      read.value = document.value = undefined
    } finally {
      reading.value = false
    }
  }
  async function open(file: File) {
    if (file.size > MOST_BYTES) {
      error.value = `“${file.name}” is larger than 1 MB; a recipe is not.`
      return
    }
    text.value = await file.text()
    await look()
  }
  /** Changes a copy, so that what is asked of the server is asked anew. */
  function change(make: (copy: FormulaDocument) => void) {
    const copy = structuredClone(document.value!)
    make(copy)
    document.value = copy
  }
  const setLine = (index: number, row: number, line: DocumentLine | undefined) =>
    change((copy) => void copy.components[index]!.lines.splice(row, 1, ...(line ? [line] : [])))
  /** Lines that are not read yet. */
  const flagged = computed(
    () =>
      (assessment.value?.components ?? [])
        .flatMap((part) => part.lines)
        .concat(assessment.value?.splits?.flatMap((split) => [...split.lines, ...split.topping]) ?? [])
        .filter((line) => line.status !== 'read').length,
  )
  /** Puts it on the shelf and opens it. */
  async function take() {
    if (!document.value) return
    taking.value = true
    try {
      const made = await unwrap(api.POST('/api/formulas', { body: document.value }))
      await router.push(`/formulas/${made.id}/mix`)
      say(`“${made.name}” is on the shelf.`)
    } catch (failure) {
      error.value = (failure as Error).message
    } finally {
      taking.value = false
    }
  }
  return { text, read, document, assessment, error, reading, taking, flagged, look, open, change, setLine, take }
}

import { applyPatch, compare, type Operation } from 'fast-json-patch'
import { computed, shallowRef, toRaw, type Ref } from 'vue'

/** One edit that can be taken back: a label for the cook and the patches both ways. */
export interface Edit {
  label: string
  back: Operation[]
  forth: Operation[]
}
export interface HistoryState {
  undo: Edit[]
  redo: Edit[]
}
const MOST = 200

/** `value` with a JSON Patch applied; `value` itself stays as it is. */
export function patched<T>(value: T, patch: readonly Operation[]): T {
  return applyPatch(structuredClone(value), structuredClone(patch) as Operation[], true).newDocument
}

/** Undo and redo of a document: every change is kept as a JSON Patch and its inverse. */
export function useHistory<T extends object>(document: Ref<T>) {
  const state = shallowRef<HistoryState>({ undo: [], redo: [] })

  /** Puts `next` in the place of the document, as one edit. Returns false when nothing changed. */
  function change(label: string, next: T): boolean {
    const forth = compare(document.value, next)
    if (forth.length === 0) return false
    const back = compare(next, document.value)
    state.value = { undo: [...state.value.undo, { label, back, forth }].slice(-MOST), redo: [] }
    // What comes from a reactive place would be a proxy, which cannot be copied.
    document.value = toRaw(next)
    return true
  }
  function undo(): Edit | undefined {
    const edit = state.value.undo.at(-1)
    if (!edit) return
    document.value = patched(document.value, edit.back)
    state.value = { undo: state.value.undo.slice(0, -1), redo: [...state.value.redo, edit] }
    return edit
  }
  function redo(): Edit | undefined {
    const edit = state.value.redo.at(-1)
    if (!edit) return
    document.value = patched(document.value, edit.forth)
    state.value = { undo: [...state.value.undo, edit], redo: state.value.redo.slice(0, -1) }
    return edit
  }
  /** Steps back to `earlier` as an undo does, though no edit leads there: it can be redone. */
  function stepBackTo(label: string, earlier: T) {
    const edit = { label, back: compare(document.value, earlier), forth: compare(earlier, document.value) }
    document.value = earlier
    state.value = { undo: state.value.undo, redo: [...state.value.redo, edit] }
  }
  const undoLabel = computed(() => state.value.undo.at(-1)?.label)
  const redoLabel = computed(() => state.value.redo.at(-1)?.label)
  return { state, change, undo, redo, stepBackTo, undoLabel, redoLabel }
}

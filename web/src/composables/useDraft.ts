import { computed, ref, shallowRef, watch } from 'vue'
import { api, unwrap, type Version } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { patched, useHistory, type HistoryState } from './useHistory'
import { compare, type Operation } from 'fast-json-patch'

interface KeptDraft {
  document: FormulaDocument
  baseId: number
  history: HistoryState
}
const keyOf = (formulaId: number) => `elm-cup:draft:${formulaId}`

/** The formula as it stands on the screen: every edit can be undone, Save makes it a version, a reload keeps it. */
export function useDraft(formulaId: number) {
  const document = shallowRef<FormulaDocument>({ elm_cup: 'formula/1', name: '', components: [] })
  const base = shallowRef<Version>()
  const loaded = ref(false)
  const error = ref<string>()
  const saving = ref(false)
  const restored = ref(false)
  const history = useHistory(document)

  /** Whether the document differs from the version it stands on, whatever the order of its keys. */
  const differs = () => compare(base.value?.document ?? {}, document.value).length > 0
  const dirty = computed(() => loaded.value && differs())
  const canUndo = computed(() => history.state.value.undo.length > 0 || !!base.value?.parent_id)

  async function load() {
    try {
      const formula = await unwrap(api.GET('/api/formulas/{id}', { params: { path: { id: formulaId } } }))
      const kept = readKept()
      base.value = kept ? await versionOf(kept.baseId, formula.version) : formula.version
      document.value = kept?.document ?? (formula.version.document as FormulaDocument)
      if (kept) history.state.value = kept.history
      restored.value = !!kept && differs()
      loaded.value = true
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  const versionOf = (id: number, current: Version) => (id === current.id ? current : showVersion(id))
  const showVersion = (id: number) => unwrap(api.GET('/api/versions/{id}', { params: { path: { id } } }))

  function readKept(): KeptDraft | undefined {
    try {
      const text = localStorage.getItem(keyOf(formulaId))
      return text ? (JSON.parse(text) as KeptDraft) : undefined
    } catch {
      return undefined
    }
  }
  watch([document, base, history.state], () => {
    if (!loaded.value || !base.value) return
    const kept: KeptDraft = { document: document.value, baseId: base.value.id, history: history.state.value }
    try {
      localStorage.setItem(keyOf(formulaId), JSON.stringify(kept))
    } catch {
      error.value = 'This device has no room left to keep the draft; save it.'
    }
  })

  /** One edit: `make` gets a copy to change. */
  function edit(label: string, make: (copy: FormulaDocument) => void) {
    const copy = structuredClone(document.value)
    make(copy)
    return history.change(label, copy)
  }
  /** One edit by JSON Patch, as rescues and remedies give it. */
  function apply(label: string, patch: readonly unknown[]) {
    return history.change(label, patched(document.value, patch as Operation[]))
  }
  /** Takes the last edit back; past the first edit, the parent version opens as a draft. */
  async function undo() {
    if (history.undo()) return
    const parentId = base.value?.parent_id
    if (!parentId) return
    try {
      const parent = await showVersion(parentId)
      history.stepBackTo(`version ${base.value?.number}`, parent.document as FormulaDocument)
      base.value = parent
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  /** Makes the draft a version. Resolves to it, or to undefined with `error` set and nothing lost. */
  async function save(): Promise<Version | undefined> {
    if (!base.value) return
    if (!dirty.value) return base.value
    saving.value = true
    error.value = undefined
    try {
      const body = { document: document.value, parent_id: base.value.id }
      const params = { path: { id: formulaId } }
      base.value = await unwrap(api.POST('/api/formulas/{id}/versions', { params, body: body as never }))
      restored.value = false
      return base.value
    } catch (failure) {
      error.value = (failure as Error).message
      return
    } finally {
      saving.value = false
    }
  }
  return { document, base, loaded, error, saving, restored, dirty, canUndo, history, load, edit, apply, undo, save }
}
export type Draft = ReturnType<typeof useDraft>

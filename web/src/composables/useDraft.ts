import { computed, ref, shallowRef, watch } from 'vue'
import { api, unwrap, type Version } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { patched, useHistory, type HistoryState } from './useHistory'
import { compare, type Operation } from 'fast-json-patch'

interface KeptDraft {
  document: FormulaDocument
  baseId: number
  /** The newest version that this device knew of. */
  newestId: number
  history: HistoryState
}
/** A formula's number alone would mix the drafts of two databases that were served at one address. */
const keyOf = (formula: { id: number; created_at: string }) => `elm-cup:draft:${formula.id}:${formula.created_at}`

/** The formula as it stands on the screen: every edit can be undone, Save makes it a version, a reload keeps it. */
export function useDraft(formulaId: number) {
  const document = shallowRef<FormulaDocument>({ elm_cup: 'formula/1', name: '', components: [] })
  const base = shallowRef<Version>()
  const loaded = ref(false)
  const error = ref<string>()
  const saving = ref(false)
  const restored = ref(false)
  /** The number of a version saved elsewhere since this draft was last open here. */
  const overtakenBy = ref<number>()
  const history = useHistory(document)

  /** Whether the document differs from the version it stands on, whatever the order of its keys. */
  const differs = () => compare(base.value?.document ?? {}, document.value).length > 0
  const dirty = computed(() => loaded.value && differs())
  const canUndo = computed(() => history.state.value.undo.length > 0 || !!base.value?.parent_id)

  let key: string | undefined
  let newestId: number | undefined
  let steppingBack = false

  async function load() {
    try {
      const formula = await unwrap(api.GET('/api/formulas/{id}', { params: { path: { id: formulaId } } }))
      key = keyOf(formula)
      await takeUp(formula.version)
      loaded.value = true
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  /** The kept draft where it says something; else the version that is current now, saved here or elsewhere. */
  async function takeUp(current: Version) {
    const kept = readKept()
    newestId = current.id
    const ground = kept && (kept.baseId === current.id ? current : await showVersion(kept.baseId).catch(() => current))
    const says = kept && compare(ground!.document, kept.document).length > 0
    if (!kept || (!says && kept.newestId !== current.id)) {
      base.value = current
      document.value = current.document
      return
    }
    base.value = ground
    document.value = kept.document
    history.state.value = kept.history
    restored.value = !!says
    if (kept.newestId !== current.id) overtakenBy.value = current.number
  }
  const showVersion = (id: number) => unwrap(api.GET('/api/versions/{id}', { params: { path: { id } } }))

  function readKept(): KeptDraft | undefined {
    try {
      const text = key && localStorage.getItem(key)
      return text ? (JSON.parse(text) as KeptDraft) : undefined
    } catch {
      return undefined
    }
  }
  watch([document, base, history.state], () => {
    if (!loaded.value || !base.value || !key) return
    const kept: KeptDraft = {
      document: document.value,
      baseId: base.value.id,
      newestId: newestId!,
      history: history.state.value,
    }
    try {
      localStorage.setItem(key, JSON.stringify(kept))
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
    if (steppingBack || history.undo()) return
    const parentId = base.value?.parent_id
    if (!parentId) return
    steppingBack = true
    try {
      const parent = await showVersion(parentId)
      history.stepBackTo(`version ${base.value?.number}`, parent.document)
      base.value = parent
    } catch (failure) {
      error.value = (failure as Error).message
    } finally {
      steppingBack = false
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
      base.value = await unwrap(api.POST('/api/formulas/{id}/versions', { params, body: body }))
      newestId = base.value.id
      restored.value = false
      overtakenBy.value = undefined
      return base.value
    } catch (failure) {
      error.value = (failure as Error).message
      return
    } finally {
      saving.value = false
    }
  }
  return {
    document,
    base,
    loaded,
    error,
    saving,
    restored,
    overtakenBy,
    dirty,
    canUndo,
    history,
    load,
    edit,
    apply,
    undo,
    save,
  }
}
export type Draft = ReturnType<typeof useDraft>

import { computed, ref, shallowRef, watch } from 'vue'
import { promiseTimeout, useEventListener } from '@vueuse/core'
import { api, unwrap, type StandingDraft, type Version } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { draftKey, keepDraft, keptDraft, type KeptDraft } from './draftStore'
import { useDraftSync } from './useDraftSync'
import { patched, useHistory } from './useHistory'
import { compare, type Operation } from 'fast-json-patch'

/** Milliseconds that edits which still come are waited for. */
const LONGEST_WAIT = 2000
const ELSEWHERE = 'what was typed on another device'

/**
 * The formula as it stands on the screen: every edit can be undone, Save makes it a version. It is kept in the browser and at the server,
 * so that a reload and another device find it.
 */
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
  const sync = useDraftSync(formulaId, () =>
    loaded.value ? { document: document.value, baseId: base.value?.id } : undefined,
  )

  /** Whether the document differs from the version it stands on, whatever the order of its keys. */
  const differs = () => compare(base.value?.document ?? {}, document.value).length > 0
  /** There is something to save: of a new formula, a line. */
  const dirty = computed(() => loaded.value && (base.value ? differs() : hasLine(document.value)))
  const canUndo = computed(() => history.state.value.undo.length > 0 || !!base.value?.parent_id)

  let key: string | undefined
  let newestId: number | undefined
  let steppingBack = false

  async function load() {
    try {
      const [formula, standing] = await Promise.all([
        unwrap(api.GET('/api/formulas/{id}', { params: { path: { id: formulaId } } })),
        sync.ask(),
      ])
      key = draftKey(formula)
      await takeUp(formula.version, standing)
      loaded.value = true
      if (!sync.isSent()) void sync.send()
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  /** What is kept here and at the server, put together so that nothing is lost: see each case. */
  async function takeUp(current?: Version, standing?: StandingDraft) {
    const kept = key === undefined ? undefined : keptDraft(key)
    newestId = current?.id
    sync.revision.value = kept?.revision ?? standing?.revision ?? 0
    const moved = !!standing && standing.revision !== (kept?.revision ?? 0)
    if (kept && !kept.sent && moved && compare(kept.document, standing.document ?? {}).length > 0) {
      // Typed here while the server was away, and elsewhere, too: the cook says which stays.
      await takeUpKept(kept, current)
      sync.elsewhere.value = standing
    } else if (moved && standing.document) {
      await takeUpStanding(standing, kept, current)
    } else if (kept) {
      await takeUpKept(kept, current)
    } else if (current) {
      base.value = current
      document.value = current.document
      sync.sent.value = { document: current.document, baseId: current.id }
    }
  }
  /** The draft kept in this browser where it says something; else the version that is current now, saved here or elsewhere. */
  async function takeUpKept(kept: KeptDraft, current?: Version) {
    const ground = await groundOf(kept.baseId, current)
    const says = !ground || compare(ground.document, kept.document).length > 0
    if (!says && current && kept.newestId !== current.id) {
      base.value = current
      document.value = current.document
      return
    }
    base.value = ground
    document.value = kept.document
    history.state.value = kept.history
    restored.value = says && !!ground
    if (kept.sent) sync.sent.value = { document: document.value, baseId: base.value?.id }
    if (current && kept.newestId !== current.id) overtakenBy.value = current.number
  }
  /** The draft as another device left it; what stood here before can be had back by Undo. */
  async function takeUpStanding(standing: StandingDraft, kept?: KeptDraft, current?: Version) {
    // What another version says word for word stands on that one.
    const same = current && compare(current.document, standing.document!).length === 0
    base.value = same ? current : await groundOf(standing.base_version, current)
    if (kept) {
      document.value = kept.document
      history.state.value = kept.history
      history.change(ELSEWHERE, standing.document!)
    } else document.value = standing.document!
    restored.value = !!base.value && differs()
    if (restored.value && current && base.value?.id !== current.id) overtakenBy.value = current.number
    sync.know(standing, { document: document.value, baseId: standing.base_version })
  }
  const groundOf = async (id: number | undefined, current?: Version) =>
    id === undefined || id === current?.id ? current : await showVersion(id).catch(() => current)
  const showVersion = (id: number) => unwrap(api.GET('/api/versions/{id}', { params: { path: { id } } }))

  /** Another device may have gone on while this one was laid aside. */
  async function refresh() {
    if (!loaded.value || sync.elsewhere.value) return
    const standing = await sync.ask()
    if (!standing?.document || standing.revision <= sync.revision.value) return
    if (sync.isSent()) await takeTheirs(standing)
    else sync.elsewhere.value = standing
  }
  /** What was typed on the other device stays; what stood here can be had back by Undo. */
  async function takeTheirs(standing = sync.elsewhere.value) {
    if (!standing?.document) return
    base.value = await groundOf(standing.base_version, base.value)
    history.change(ELSEWHERE, standing.document)
    sync.know(standing, { document: document.value, baseId: base.value?.id })
  }
  /** What was typed here stays; what stood on the other device can be had by Undo. */
  function keepMine() {
    const standing = sync.elsewhere.value
    if (!standing) return
    const mine = document.value
    if (standing.document && history.change(ELSEWHERE, standing.document))
      history.change('keeping what was typed here', mine)
    sync.revision.value = standing.revision
    sync.elsewhere.value = undefined
    void sync.send()
  }
  useEventListener(window.document, 'visibilitychange', () =>
    window.document.visibilityState === 'visible' ? void refresh() : void sync.send(),
  )
  useEventListener('focus', () => void refresh())

  function keepHere() {
    if (!loaded.value || !key) return
    const kept: KeptDraft = {
      document: document.value,
      baseId: base.value?.id,
      newestId,
      history: history.state.value,
      revision: sync.revision.value,
      sent: sync.isSent(),
    }
    if (!keepDraft(key, kept)) error.value = 'This device has no room left to keep the draft; save it.'
  }
  watch([document, base, history.state, sync.sent, sync.revision], keepHere)
  watch([document, base], () => void (loaded.value && sync.sendSoon()))

  /** One edit: `make` gets a copy to change. */
  function edit(label: string, make: (copy: FormulaDocument) => void) {
    const copy = structuredClone(document.value)
    make(copy)
    return history.change(label, copy)
  }
  /** One edit that comes ready made. */
  const put = (label: string, next: FormulaDocument) => history.change(label, next)
  /** One edit by JSON Patch, as rescues and remedies give it. */
  function apply(label: string, patch: readonly unknown[]) {
    return history.change(label, patched(document.value, patch as Operation[]))
  }
  let coming: Promise<unknown> = Promise.resolve()
  /** Edits that are made elsewhere, by the core, and still come: who leaves the formula waits for them, though not for ever. */
  function expect<T>(edit: Promise<T>): Promise<T> {
    coming = Promise.allSettled([coming, edit])
    return edit
  }
  /** They are here, and the server has all that stands here: the shelf that one goes to shows it. */
  const settled = () => Promise.race([coming.then(sync.sendAll), promiseTimeout(LONGEST_WAIT)])
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
    if (!dirty.value) {
      if (!base.value) error.value = 'There is nothing in it yet: type a line first.'
      return base.value
    }
    saving.value = true
    error.value = undefined
    try {
      const body = { document: document.value, parent_id: base.value?.id ?? null }
      const params = { path: { id: formulaId } }
      base.value = await unwrap(api.POST('/api/formulas/{id}/versions', { params, body }))
      newestId = base.value.id
      restored.value = false
      overtakenBy.value = undefined
      void sync.send()
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
    away: sync.away,
    refused: sync.refused,
    elsewhere: sync.elsewhere,
    takeTheirs: () => takeTheirs(),
    keepMine,
    load,
    edit,
    put,
    expect,
    settled,
    apply,
    undo,
    save,
  }
}
export type Draft = ReturnType<typeof useDraft>

const hasLine = ({ components, splits = [] }: FormulaDocument) =>
  components.some(({ lines }) => lines.length) || splits.some(({ lines, topping }) => lines?.length || topping?.length)

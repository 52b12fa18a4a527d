import { computed, ref, shallowRef } from 'vue'
import { api, unwrap, type KeptPlan, type Plan, type PlanRequest } from '@/api/client'
import { say } from './useNotice'

/** How many changes can be undone. */
const MOST_UNDO = 60

/** A plan that is kept: every change is planned and kept at once, one after another, and can be undone. */
export function usePlan(id: number) {
  const kept = shallowRef<KeptPlan>()
  /** What is shown in its place while a task is moved and not let go. */
  const tried = shallowRef<Plan>()
  const error = ref<string>()
  const busy = ref(false)
  const undoable = shallowRef<PlanRequest[]>([])
  const redoable = shallowRef<PlanRequest[]>([])
  const plan = computed(() => tried.value ?? kept.value?.plan)
  const request = computed(() => kept.value?.request)
  let last: Promise<unknown> = Promise.resolve()
  let trying: AbortController | undefined

  unwrap(api.GET('/api/plans/{id}', { params: { path: { id } } }))
    .then((answer) => (kept.value = answer))
    .catch((failure: Error) => (error.value = failure.message))

  /** Keeps a request; whether it was. */
  async function keep(next: PlanRequest): Promise<boolean> {
    const now = kept.value
    if (!now) return false
    busy.value = true
    try {
      const call = await api.PUT('/api/plans/{id}', {
        params: { path: { id } },
        body: { revision: now.revision, request: next },
      })
      if (call.response.status === 409) {
        kept.value = (call.error as unknown as { kept: KeptPlan }).kept
        say('The plan was changed on another device: here is how it is now. Make your change again.')
        return false
      }
      kept.value = await unwrap(Promise.resolve(call))
      error.value = undefined
      return true
    } catch (failure) {
      say((failure as Error).message)
      return false
    } finally {
      busy.value = false
      tried.value = undefined
    }
  }
  /** Keeps what the change makes of the request as it is then. */
  function change(make: (copy: PlanRequest) => void) {
    trying?.abort()
    const making = last.then(async () => {
      const before = request.value
      if (!before) return false
      const next = structuredClone(before)
      make(next)
      if (!(await keep(next))) return false
      undoable.value = [...undoable.value, before].slice(-MOST_UNDO)
      redoable.value = []
      return true
    })
    last = making
    return making
  }
  const step = (from: typeof undoable, to: typeof undoable) => () => {
    last = last.then(async () => {
      const next = from.value.at(-1)
      const before = request.value
      if (!next || !before || !(await keep(next))) return
      from.value = from.value.slice(0, -1)
      to.value = [...to.value, before]
    })
    return last
  }
  /** The plan as it would be; the one before is called off. Nothing where it cannot be asked. */
  async function look(make: (copy: PlanRequest) => void, sections = ''): Promise<Plan | undefined> {
    if (!request.value) return
    trying?.abort()
    const mine = (trying = new AbortController())
    const asked = structuredClone(request.value)
    make(asked)
    try {
      const answer = await unwrap(
        api.POST('/api/plans/preview', {
          params: { query: { plan: id, ...(sections ? { sections } : {}) } },
          body: asked,
          signal: mine.signal,
        }),
      )
      return mine === trying ? answer : undefined
    } catch {
      return undefined
    }
  }
  const letGo = () => {
    trying?.abort()
    tried.value = undefined
  }
  const canUndo = computed(() => undoable.value.length > 0)
  const canRedo = computed(() => redoable.value.length > 0)
  return {
    id,
    kept,
    plan,
    request,
    tried,
    error,
    busy,
    change,
    look,
    letGo,
    undo: step(undoable, redoable),
    redo: step(redoable, undoable),
    canUndo,
    canRedo,
  }
}
export type OpenPlan = ReturnType<typeof usePlan>

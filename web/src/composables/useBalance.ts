import { computed, ref, shallowRef, watch } from 'vue'
import { api, unwrap, type Balance, type Clash } from '@/api/client'
import { listen } from '@/api/stream'
import { say } from './useNotice'
import type { Draft } from './useDraft'
import type { useSlip } from './useSlip'
import type { Wishes } from './useWishes'

/** Milliseconds that a search may take; the bar is drawn against it. */
export const LONGEST = 2000

/**
 * Asks for the least change that grants the wishes of a draft. The first answer that is found stands at once; the least for sure
 * and the others follow. It can be called off; what stands then stays.
 */
export function useBalance(draft: Draft, slip: ReturnType<typeof useSlip>, said: Wishes) {
  const open = ref(false)
  const running = ref(false)
  const balance = shallowRef<Balance>()
  const error = ref<string>()
  /** Which answer is tried on the Cup, and that it was found in haste: the least is still looked for. */
  const trying = ref<number>()
  const hurried = ref(false)
  let asking: AbortController | undefined
  /** What was asked about: answers are of that, and of nothing later. */
  let about: unknown
  let ticket: string | undefined

  const wishes = said.kept

  watch(draft.document, (now) => {
    if (now === about) return
    callOff()
    drop()
    balance.value = undefined
    error.value = undefined
  })

  async function ask() {
    open.value = true
    drop()
    callOff()
    error.value = undefined
    balance.value = undefined
    about = draft.document.value
    if (!wishes.value.length) return
    const mine = (asking = new AbortController())
    const id = (ticket = crypto.randomUUID())
    running.value = true
    const params = { path: { ticket: id } }
    try {
      await unwrap(
        api.POST('/api/balance/{ticket}/stream', {
          params,
          body: { document: draft.document.value },
          signal: mine.signal,
        }),
      )
      const quick = (found: Balance) => {
        balance.value = found
        hurried.value = true
      }
      await listen(`/api/balance/${id}/stream`, { quick, better: settle }, mine.signal)
    } catch (failure) {
      if (mine !== asking || (failure as Error).name === 'AbortError') return
      error.value = (failure as Error).message
    } finally {
      if (mine === asking) {
        running.value = false
        hurried.value = false
        ticket = undefined
      }
    }
  }
  /** The thorough answer takes the place of the hurried one, unless it has nothing; what is tried on is what its column shows. */
  function settle(thorough: Balance) {
    const first = balance.value?.answers ?? []
    const nothing = !thorough.answers.length && !thorough.clashes.length
    balance.value = nothing && first.length ? { ...thorough, answers: first } : thorough
    if (trying.value !== undefined) show(trying.value)
  }
  /** Stops a search that runs, here and at the server; what was found so far stays. */
  function callOff() {
    const running_ = ticket
    asking?.abort()
    asking = undefined
    ticket = undefined
    running.value = false
    hurried.value = false
    if (running_) void api.DELETE('/api/balance/{ticket}', { params: { path: { ticket: running_ } } }).catch(() => {})
  }
  /** Shows an answer on the Cup without keeping it; the same again puts the draft back. */
  function tryOn(at: number) {
    if (trying.value === at) drop()
    else show(at)
  }
  function show(at: number) {
    trying.value = at
    slip.tried.value = balance.value?.answers[at]?.formula as typeof slip.tried.value
  }
  function drop() {
    trying.value = undefined
    slip.tried.value = undefined
  }
  /** What an answer changes, in words; what only goes with the size of the batch in one. */
  function words(at: number) {
    const { changes = [], times } = balance.value?.answers[at] ?? {}
    const moved = changes.filter((change) => !change.only_size).map((change) => change.text)
    return [...(times ? [`the batch × ${+times.toFixed(2)}`] : []), ...moved].join('; ') || 'nothing'
  }
  /** The answer that is tried on, and what it changes. */
  const triedOn = computed(() => {
    const document = slip.tried.value
    return document && trying.value !== undefined ? { document, words: words(trying.value) } : undefined
  })
  /** Takes an answer into the draft, as one edit. */
  function take(at: number) {
    const answer = balance.value?.answers[at]
    if (!answer) return
    const label = words(at)
    callOff()
    drop()
    if (draft.apply(`balancing: ${label}`, answer.patch))
      say(`Balanced: ${label}.`, { word: 'Undo', run: () => draft.undo() })
    close()
  }
  /** A wish gives way as a clash says, and it is asked again. */
  function relax(change: Clash['relax'][number]) {
    said.relax(change)
    void ask()
  }
  function close() {
    callOff()
    drop()
    open.value = false
  }
  return { open, running, hurried, balance, error, trying, triedOn, ask, callOff, tryOn, words, take, relax, close }
}
export type Balancing = ReturnType<typeof useBalance>

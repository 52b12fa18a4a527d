import { ref, shallowRef } from 'vue'
import { tryOnScopeDispose, useDebounceFn, useEventListener, useTimeoutFn } from '@vueuse/core'
import { api, sentenceOf, unwrap, type Problem, type StandingDraft, type StaleDraft } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { deviceName } from './useBatchLog'

/** Milliseconds of rest before what was typed is sent. */
export const REST = 400
/** Milliseconds until it is tried again where the server did not answer. */
export const AGAIN = 5000

/** What is sent: the document, and the version that it stands on. */
export interface Sending {
  document: FormulaDocument
  baseId?: number
}

/**
 * Keeps what stands on the screen at the server, as it is typed, so that another device finds it; while the server is away it is sent
 * later. What another device typed meanwhile is never overwritten: it stands in `elsewhere` until it is said which of both stays, and
 * nothing is sent until then.
 */
export function useDraftSync(formulaId: number, now: () => Sending | undefined) {
  const params = { path: { id: formulaId } }
  /** The revision that this device knows; what was sent last as that. */
  const revision = ref(0)
  const sent = shallowRef<Sending>()
  const elsewhere = shallowRef<StandingDraft>()
  const away = ref(false)
  /** Why the server will not keep it, where it says so: another device deleted the formula. A document at fault is said by its assessment. */
  const refused = ref<string>()
  let running: Promise<void> | undefined
  let closed = false

  const isSent = () => {
    const here = now()
    return !!here && sent.value?.document === here.document && sent.value?.baseId === here.baseId
  }
  /** Sends what stands here, one sending at a time; done when it is there, or cannot be for now. */
  function send(): Promise<void> {
    if (running) return running
    const here = now()
    if (closed || !here || elsewhere.value || isSent()) return Promise.resolve()
    running = push(here).finally(() => {
      running = undefined
      // What was typed meanwhile.
      if (!away.value && sent.value?.document === here.document) void send()
    })
    return running
  }
  /** The same for all that stands here now, a sending that is on its way included. */
  async function sendAll() {
    while (running) await running
    await send()
  }
  async function push(here: Sending) {
    try {
      const body = {
        document: here.document,
        base_version: here.baseId ?? null,
        revision: revision.value,
        device: deviceName(),
      }
      const { data, error, response } = await api.PUT('/api/formulas/{id}/draft', { params, body })
      away.value = false
      refused.value = undefined
      if (data) know(data, here)
      else if (response.status === 409) elsewhere.value = (error as StaleDraft).kept
      else if (response.status !== 422)
        refused.value = `What you type is kept in this browser only. ${sentenceOf(error as Problem)}.`
    } catch {
      away.value = true
      again.start()
    }
  }
  /** The server keeps `what` as this draft. */
  function know(draft: StandingDraft, what: Sending) {
    revision.value = draft.revision
    sent.value = what
    elsewhere.value = undefined
  }
  /** The draft as it stands at the server; nothing where the server does not say. */
  const ask = (): Promise<StandingDraft | undefined> =>
    unwrap(api.GET('/api/formulas/{id}/draft', { params })).catch(() => undefined)

  const again = useTimeoutFn(() => void send(), AGAIN, { immediate: false })
  useEventListener('online', () => void send())
  // Who leaves the formula leaves nothing unsent.
  tryOnScopeDispose(() => {
    void send()
    closed = true
  })
  return {
    revision,
    sent,
    elsewhere,
    away,
    refused,
    isSent,
    send,
    sendAll,
    sendSoon: useDebounceFn(send, REST),
    know,
    ask,
  }
}

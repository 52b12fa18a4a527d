import { computed, ref, shallowRef } from 'vue'
import { useEventListener, useIntervalFn } from '@vueuse/core'
import { api, sentenceOf, type BatchEvent, type Problem } from '@/api/client'
import { useBatchLog, type Said } from './useBatchLog'
import { useKeptAtOnce } from './useKept'

/** Milliseconds until what could not be sent is tried again. */
const AGAIN = 4000
const AWAY = 'away'

/**
 * What is said of a batch at the counter: kept in this browser until the server has it, in order, and sent again after a lost connection or a
 * reload. Each has its own key, so that what was sent twice counts once.
 */
export function useOutbox(batch: string, sent: () => void) {
  const waiting = useKeptAtOnce<BatchEvent[]>(`elm-cup:outbox:${batch}`, () => [])
  const log = useBatchLog()
  /** What the server has taken, until whoever shows the batch has it from there. */
  const delivered = shallowRef<BatchEvent[]>([])
  const away = ref(false)
  /** What the server will not have, in its words. */
  const refused = ref<string>()
  let sending: Promise<void> | undefined

  /** The sentence of a refusal, "away" where there is no answer, nothing where it is taken. */
  async function post(events: BatchEvent[]): Promise<string | undefined> {
    try {
      const { response, error } = await api.POST('/api/batches/{batch}/events', {
        params: { path: { batch } },
        body: { events, now: new Date().toISOString() },
      })
      if (response.ok) return undefined
      return response.status >= 500 ? AWAY : sentenceOf(error as Problem)
    } catch {
      return AWAY
    }
  }
  async function send() {
    while (waiting.value.length) {
      // One that is refused does not hold back the others.
      const now = refused.value ? waiting.value.slice(0, 1) : [...waiting.value]
      const wrong = await post(now)
      away.value = wrong === AWAY
      if (away.value) return
      if (wrong) refused.value = wrong
      if (!wrong) delivered.value = [...delivered.value, ...now]
      if (!wrong || now.length === 1) waiting.value = waiting.value.slice(now.length)
    }
    sent()
  }
  const flush = () => {
    sending ??= send().finally(() => (sending = undefined))
    return sending
  }
  /** Says things of the batch: each has a kind, and its data as docs/batch.schema.json has it. */
  function tell(...said: Said[]) {
    refused.value = undefined
    waiting.value = [...waiting.value, ...log.events(said)]
    return flush()
  }
  useEventListener(window, 'online', () => void flush())
  useIntervalFn(() => {
    if (waiting.value.length) void flush()
  }, AGAIN)
  if (waiting.value.length) void flush()
  return { tell, waiting: computed(() => waiting.value), delivered, away, refused }
}

import { api, unwrap, type BatchEvent } from '@/api/client'
import { useKeptAtOnce } from './useKept'

/** The name of this device and its own count, which says in what order it said things. */
const KEY = 'elm-cup:device'
const device = useKeptAtOnce(KEY, () => ({ name: `browser-${crypto.randomUUID().slice(0, 8)}`, count: 0 }))
/** What this browser counted to, in whichever tab; nothing where it keeps nothing. */
function counted(): number {
  try {
    return Number(JSON.parse(localStorage.getItem(KEY) ?? '{}').count) || 0
  } catch {
    return 0
  }
}
/** The name of this device, the same from one visit to the next. */
export const deviceName = () => device.value.name

/** What is said of a batch: a kind, and its data as docs/batch.schema.json has it. */
export type Said = [kind: string, data: Record<string, unknown>]

/**
 * Says what happened in one making. `events` gives what is said its keys and its place in this device's count; what was said `before` in the
 * same words keeps its own, so that a sending whose answer was lost counts once. It is sent with `append`, as often as it takes.
 */
export function useBatchLog() {
  function events(said: readonly Said[], before: readonly BatchEvent[] = []): BatchEvent[] {
    const left = [...before]
    const at = new Date().toISOString()
    return said.map(([kind, data]) => {
      const same = left.findIndex((each) => each.kind === kind && JSON.stringify(each.data) === JSON.stringify(data))
      if (same >= 0) return left.splice(same, 1)[0]!
      device.value.count = Math.max(device.value.count, counted()) + 1
      return { key: crypto.randomUUID(), device: device.value.name, n: device.value.count, at, kind, data }
    })
  }
  const append = (batch: string, events: BatchEvent[]) =>
    unwrap(
      api.POST('/api/batches/{batch}/events', {
        params: { path: { batch } },
        body: { events, now: new Date().toISOString() },
      }),
    )
  return { events, append }
}

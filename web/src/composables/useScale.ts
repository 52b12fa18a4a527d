import { onScopeDispose, ref, shallowRef } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { api, unwrap, type Device } from '@/api/client'

/** What a scale shows now. steady: what it stands at, nothing while it moves. */
export interface ScaleReading {
  value: number | null
  steady: number | null
  status: string
}
/** Milliseconds without a message after which a scale is quiet. */
const QUIET = 12_000
const LOOK = 1000

/** The scale of this kitchen, if there is one: what it shows, and whether it still speaks. Everything goes on by hand without it. */
export function useScale() {
  const device = shallowRef<Device>()
  const reading = shallowRef<ScaleReading>()
  const quiet = ref(false)
  let heard = Date.now()
  let source: EventSource | undefined

  function hear(event: MessageEvent<string>) {
    heard = Date.now()
    quiet.value = false
    const said = JSON.parse(event.data) as ScaleReading & { value: unknown; unit?: string }
    if (event.type !== 'reading') return
    const usable = said.status === 'ok' && typeof said.value === 'number' && said.unit === 'g'
    reading.value = {
      value: usable ? (said.value as number) : null,
      steady: usable ? (said.steady ?? null) : null,
      status: said.status ?? 'error',
    }
  }
  unwrap(api.GET('/api/devices'))
    .then(({ devices }) => {
      device.value = devices.find((each) => each.kind === 'scale')
      if (!device.value || typeof EventSource === 'undefined') return
      source = new EventSource(`/api/devices/${device.value.device}/stream`)
      for (const kind of ['hello', 'reading', 'state', 'beat']) source.addEventListener(kind, hear)
    })
    .catch(() => undefined)
  useIntervalFn(() => {
    if (!device.value || Date.now() - heard < QUIET) return
    quiet.value = true
    reading.value = undefined
  }, LOOK)
  onScopeDispose(() => source?.close())
  return { device, reading, quiet }
}

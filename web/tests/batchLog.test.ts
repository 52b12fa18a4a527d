import { expect, it, vi } from 'vitest'
import { deviceName, useBatchLog } from '@/composables/useBatchLog'

it('gives what is said again in the same words its own keys, each once, and what is new a new one', () => {
  const { events } = useBatchLog()
  const water = ['addition', { text: '1 tsp water' }] as const
  const first = events([['started', { version: 1 }], [...water], [...water], ['note', { text: 'one' }]])
  expect(new Set(first.map((each) => each.key)).size).toBe(4)
  const again = events([['started', { version: 1 }], [...water], [...water], ['note', { text: 'two' }]], first)
  expect(again.slice(0, 3)).toEqual(first.slice(0, 3))
  expect(again[3]!.key).not.toBe(first[3]!.key)
  expect(again[3]!.n).toBe(first[3]!.n + 1)
})

it('counts on under one name, and in a browser that has no room left, too', () => {
  const { events } = useBatchLog()
  const [first] = events([['note', { text: 'one' }]])
  expect(JSON.parse(localStorage.getItem('elm-cup:device')!)).toEqual({ name: deviceName(), count: first!.n })
  const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  const [second] = events([['note', { text: 'two' }]])
  expect([second!.device, second!.n]).toEqual([first!.device, first!.n + 1])
  full.mockRestore()
})

it('counts each of several that are said at one moment, and goes on from what another tab counted', () => {
  const { events } = useBatchLog()
  const [first] = events([['note', { text: 'a' }]])
  const both = [...events([['note', { text: 'b' }]]), ...events([['note', { text: 'c' }]])]
  expect(both.map((each) => each.n)).toEqual([first!.n + 1, first!.n + 2])
  expect(JSON.parse(localStorage.getItem('elm-cup:device')!).count).toBe(first!.n + 2)
  localStorage.setItem('elm-cup:device', JSON.stringify({ name: deviceName(), count: 900 }))
  expect(events([['note', { text: 'd' }]])[0]!.n).toBe(901)
})

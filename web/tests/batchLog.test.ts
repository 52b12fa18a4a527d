import { expect, it } from 'vitest'
import { useBatchLog } from '@/composables/useBatchLog'

it('gives what is said again in the same words its own keys, each once, and what is new a new one', () => {
  localStorage.clear()
  const { events } = useBatchLog()
  const water = ['addition', { text: '1 tsp water' }] as const
  const first = events([['started', { version: 1 }], [...water], [...water], ['note', { text: 'one' }]])
  expect(new Set(first.map((each) => each.key)).size).toBe(4)
  const again = events([['started', { version: 1 }], [...water], [...water], ['note', { text: 'two' }]], first)
  expect(again.slice(0, 3)).toEqual(first.slice(0, 3))
  expect(again[3]!.key).not.toBe(first[3]!.key)
  expect(again[3]!.n).toBe(5)
})

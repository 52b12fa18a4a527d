import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { usePages, type Page } from '@/composables/usePages'

interface Row {
  id: number
  stale?: boolean
}
const page = (ids: number[], next?: string, stale = false): Page<Row> => ({
  rows: ids.map((id) => (stale ? { id, stale } : { id })),
  count: 9,
  next,
})

describe('A list that comes a page at a time', () => {
  let scope = effectScope()
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => {
    scope.stop()
    vi.useRealTimers()
  })
  const settle = () => vi.advanceTimersByTimeAsync(0)
  const begin = (ask: (cursor?: string) => Promise<Page<Row>>, asked?: () => unknown) =>
    (scope = effectScope()).run(() => usePages<Row>(ask, asked))!

  it('fetches the next page by the cursor of the last, one at a time, and stops at the end', async () => {
    const ask = vi
      .fn()
      .mockResolvedValueOnce(page([1, 2], 'b'))
      .mockResolvedValueOnce(page([3]))
    const list = begin(ask)
    await settle()
    void list.more()
    void list.more()
    await settle()
    await list.more()
    expect(ask.mock.calls).toEqual([[undefined], ['b']])
    expect(list.rows.value!.map((row) => row.id)).toEqual([1, 2, 3])
    expect(list.count.value).toBe(9)
  })

  it('begins anew where something else is asked, and passes over what is answered to the question before', async () => {
    const word = ref('a')
    let late: (page: Page<Row>) => void = () => {}
    const ask = vi
      .fn()
      .mockImplementationOnce(() => new Promise((answer) => (late = answer)))
      .mockResolvedValueOnce(page([5]))
    const list = begin(ask, () => word.value)
    word.value = 'b'
    await nextTick()
    await settle()
    late(page([1]))
    await settle()
    expect(list.rows.value!.map((row) => row.id)).toEqual([5])
  })

  it('asks again for a page that is still being judged, and for no other', async () => {
    const ask = vi
      .fn()
      .mockResolvedValueOnce(page([1], 'b'))
      .mockResolvedValueOnce(page([2], undefined, true))
      .mockResolvedValueOnce(page([2], undefined, true))
      .mockResolvedValueOnce(page([2]))
    const list = begin(ask)
    await settle()
    await list.more()
    await vi.advanceTimersByTimeAsync(5000)
    expect(ask.mock.calls).toEqual([[undefined], ['b'], ['b'], ['b']])
    expect(list.rows.value).toEqual([{ id: 1 }, { id: 2 }])
  })

  it('says what went wrong and keeps what it has', async () => {
    const ask = vi
      .fn()
      .mockResolvedValueOnce(page([1], 'b'))
      .mockRejectedValueOnce(new Error('No answer'))
    const list = begin(ask)
    await settle()
    await list.more()
    expect(list.error.value).toBe('No answer')
    expect(list.rows.value).toEqual([{ id: 1 }])
    ask.mockResolvedValueOnce(page([2]))
    await list.tryAgain()
    expect([list.error.value, list.rows.value]).toEqual([undefined, [{ id: 1 }, { id: 2 }]])
    expect(ask.mock.calls).toEqual([[undefined], ['b'], ['b']])
  })

  it('fetches more that was asked for while a page was judged again', async () => {
    let late: (page: Page<Row>) => void = () => {}
    const ask = vi
      .fn()
      .mockResolvedValueOnce(page([1], 'b', true))
      .mockImplementationOnce(() => new Promise((answer) => (late = answer)))
      .mockResolvedValueOnce(page([2]))
    const list = begin(ask)
    await settle()
    await vi.advanceTimersByTimeAsync(1500)
    await list.more()
    late(page([1], 'b'))
    await settle()
    expect(list.rows.value!.map((row) => row.id)).toEqual([1, 2])
  })
})

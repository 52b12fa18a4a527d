import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { emptyFormula } from './helpers'
import { nextTick, shallowRef } from 'vue'
import { unwrap } from '@/api/client'
import { type FormulaDocument } from '@/api/document'
import { DEBOUNCE, useAssessment } from '@/composables/useAssessment'
import { count, figure, percent, words } from '@/format'

const answer = (name: string) =>
  new Response(JSON.stringify({ elm_cup: 'assessment/1', name }), {
    status: 200,
    headers: { 'content-type': 'application/json' },
  })

describe('what the server refuses', () => {
  const refused = (problem: object) =>
    unwrap(Promise.resolve({ error: problem, response: new Response('', { status: 422 }) }))
  it('is said with its place in words, never as a pointer', async () => {
    const errors = [{ pointer: '/components/0/lines', detail: '101 lines are too many; 100 is the most' }]
    await expect(refused({ detail: '/components/0/lines: 101 …', errors })).rejects.toThrow(
      'components 1, lines: 101 lines are too many; 100 is the most',
    )
    await expect(refused({ detail: 'It is gone', errors: [] })).rejects.toThrow('It is gone')
    await expect(refused({ detail: 'x', errors: [{ pointer: '', detail: 'Not JSON' }] })).rejects.toThrow(/^Not JSON$/)
  })
})

describe('asking for the assessment', () => {
  let asked: Request[]
  let replies: ((response: Response) => void)[]
  beforeEach(() => {
    vi.useFakeTimers()
    asked = []
    replies = []
    vi.stubGlobal('fetch', (request: Request) => {
      asked.push(request)
      return new Promise<Response>((resolve, reject) => {
        replies.push(resolve)
        request.signal.addEventListener('abort', () => reject(new DOMException('stopped', 'AbortError')))
      })
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })
  const rest = async (ms: number) => {
    await vi.advanceTimersByTimeAsync(ms)
    await nextTick()
  }

  it('waits for a rest, asks once for many changes, and lets only the newest answer in', async () => {
    const document = shallowRef<FormulaDocument | undefined>(emptyFormula('first'))
    const { assessment } = useAssessment(document)
    await rest(1)
    expect(asked).toHaveLength(1)
    for (const name of ['a', 'b', 'c']) {
      document.value = emptyFormula(name)
      await rest(DEBOUNCE / 3)
    }
    expect(asked).toHaveLength(1)
    await rest(DEBOUNCE)
    expect(asked).toHaveLength(2)
    expect(asked[0]!.signal.aborted).toBe(true)
    expect(await asked[1]!.json()).toMatchObject({ name: 'c' })
    replies[1]!(answer('c'))
    await rest(1)
    expect(assessment.value?.name).toBe('c')
  })

  it('says what went wrong in words and keeps the last good answer', async () => {
    const document = shallowRef<FormulaDocument | undefined>(emptyFormula('first'))
    const { assessment, error } = useAssessment(document)
    await rest(1)
    replies[0]!(answer('first'))
    await rest(1)
    document.value = emptyFormula('second')
    await rest(DEBOUNCE)
    const problem = { type: 'about:blank', title: 'x', status: 422, detail: 'At least one is needed here', errors: [] }
    replies[1]!(
      new Response(JSON.stringify(problem), { status: 422, headers: { 'content-type': 'application/problem+json' } }),
    )
    await rest(1)
    expect(error.value).toBe('At least one is needed here')
    expect(assessment.value?.name).toBe('first')
  })
})

describe('figures', () => {
  it('carry what a cook can use', () => {
    expect([figure(3.14159), figure(314.159), figure(0.05, 2)]).toEqual(['3.1', '314', '0.05'])
    expect([figure(0.03), figure(0.04, 2), figure(0, 1), figure(0.3, 0)]).toEqual(['0.03', '0.04', '0', '0'])
    expect([percent(0.614), count(1, 'ball'), count(24, 'ball'), words('tree_nut')]).toEqual([
      '61 %',
      '1 ball',
      '24 balls',
      'tree nut',
    ])
  })
})

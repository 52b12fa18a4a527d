import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FormulaDocument } from '@/api/document'
import { REST } from '@/composables/useDraftSync'
import { closeDrafts, draftOf, emptyFormula, settle } from './helpers'

/** A server that keeps one draft of one formula, as the real one does; `up` is whether it answers at all. */
function draftServer() {
  const version = {
    id: 1,
    formula_id: 7,
    number: 1,
    parent_id: null,
    created_at: '2026-06-20T10:00:00Z',
    document: emptyFormula('x'),
  }
  const server = { up: true, gone: false, kept: undefined as FormulaDocument | undefined, revision: 0, puts: 0 }
  const draft = () => ({
    formula_id: 7,
    document: server.kept ?? version.document,
    base_version: 1,
    revision: server.revision,
    kept: !!server.kept,
  })
  const json = (value: unknown, status = 200) =>
    new Response(JSON.stringify(value), { status, headers: { 'content-type': 'application/json' } })
  vi.stubGlobal('fetch', async (request: Request) => {
    if (!server.up) throw new TypeError('no way there')
    if (server.gone)
      return json(
        { type: '', title: '', status: 404, detail: 'There is nothing here with that number', errors: [] },
        404,
      )
    const path = new URL(request.url).pathname
    if (path === '/api/formulas/7')
      return json({ id: 7, name: 'x', created_at: '2026-06-20T10:00:00Z', version, versions: 1 })
    if (path !== '/api/formulas/7/draft') return json(version)
    if (request.method === 'GET') return json(draft())
    const body = JSON.parse(await request.text()) as { document: FormulaDocument; revision: number }
    server.puts += 1
    if (body.revision !== server.revision)
      return json({ type: '', title: '', status: 409, detail: '', errors: [], kept: draft(), sent: body }, 409)
    server.kept = body.document
    server.revision += 1
    return json(draft())
  })
  /** Another device that types a line. */
  const elsewhere = (text: string) => {
    const next = structuredClone(server.kept ?? version.document)
    next.components[0]!.lines.push({ text })
    server.kept = next
    server.revision += 1
  }
  return { server, elsewhere }
}
const add = (text: string) => (copy: FormulaDocument) => void copy.components[0]!.lines.push({ text })
const lines = (document?: FormulaDocument) => document?.components[0]!.lines.map((line) => line.text)
const sent = () => settle(REST + 80)
async function open() {
  const draft = draftOf(7)
  await draft.load()
  return draft
}

describe('the draft at the server', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => {
    closeDrafts()
    vi.unstubAllGlobals()
  })

  it('is sent as it is typed, a rest after the last key, and opens on another device', async () => {
    const { server } = draftServer()
    const draft = await open()
    draft.edit('one', add('1 cup oats'))
    draft.edit('two', add('2 tbsp honey'))
    await sent()
    expect([lines(server.kept), server.puts]).toEqual([['1 cup oats', '2 tbsp honey'], 1])
    localStorage.clear()
    const other = await open()
    expect([lines(other.document.value), other.base.value?.number, other.dirty.value]).toEqual([
      ['1 cup oats', '2 tbsp honey'],
      1,
      true,
    ])
    await sent()
    expect(server.puts).toBe(1)
  })

  it('is there before it is left: who leaves at once waits until the server has it', async () => {
    const { server } = draftServer()
    const draft = await open()
    draft.edit('one', add('1 cup oats'))
    await draft.settled()
    expect([lines(server.kept), server.puts]).toEqual([['1 cup oats'], 1])
    draft.edit('two', add('2 tbsp honey'))
    await Promise.all([draft.settled(), draft.settled()])
    expect([lines(server.kept), server.puts]).toEqual([['1 cup oats', '2 tbsp honey'], 2])
  })

  it('is kept in the browser while the server is away, and sent when it is back', async () => {
    const { server } = draftServer()
    const draft = await open()
    server.up = false
    draft.edit('one', add('1 cup oats'))
    await sent()
    expect([draft.away.value, server.kept]).toEqual([true, undefined])
    server.up = true
    window.dispatchEvent(new Event('online'))
    await settle(50)
    expect([draft.away.value, lines(server.kept)]).toEqual([false, ['1 cup oats']])
  })

  it('typed while the server was away is sent after a reload', async () => {
    const { server } = draftServer()
    const draft = await open()
    server.up = false
    draft.edit('one', add('1 cup oats'))
    await sent()
    server.up = true
    const again = await open()
    await settle(50)
    expect([lines(again.document.value), lines(server.kept)]).toEqual([['1 cup oats'], ['1 cup oats']])
  })

  it('changed on two devices keeps both: what is not kept comes back by Undo', async () => {
    const { server, elsewhere } = draftServer()
    const mine = await open()
    elsewhere('1 cup dates')
    mine.edit('one', add('1 cup oats'))
    await sent()
    expect([lines(mine.elsewhere.value?.document), lines(mine.document.value)]).toEqual([
      ['1 cup dates'],
      ['1 cup oats'],
    ])
    mine.edit('two', add('2 tbsp honey'))
    await sent()
    expect(lines(server.kept)).toEqual(['1 cup dates'])
    mine.keepMine()
    await settle(50)
    expect([lines(server.kept), mine.elsewhere.value]).toEqual([['1 cup oats', '2 tbsp honey'], undefined])
    await mine.undo()
    expect(lines(mine.document.value)).toEqual(['1 cup dates'])
  })

  it('taken from the other device leaves what was here to Undo', async () => {
    const { server, elsewhere } = draftServer()
    const mine = await open()
    elsewhere('1 cup dates')
    mine.edit('one', add('1 cup oats'))
    await sent()
    await mine.takeTheirs()
    await sent()
    expect([lines(mine.document.value), lines(server.kept), server.revision]).toEqual([
      ['1 cup dates'],
      ['1 cup dates'],
      1,
    ])
    await mine.undo()
    expect(lines(mine.document.value)).toEqual(['1 cup oats'])
  })

  it('that went on elsewhere while this device was laid aside is shown when it is taken up, with the old one to Undo', async () => {
    const { elsewhere } = draftServer()
    const mine = await open()
    mine.edit('one', add('1 cup oats'))
    await sent()
    elsewhere('1 cup dates')
    window.dispatchEvent(new Event('focus'))
    await settle(50)
    expect([lines(mine.document.value), mine.elsewhere.value]).toEqual([['1 cup oats', '1 cup dates'], undefined])
    await mine.undo()
    expect(lines(mine.document.value)).toEqual(['1 cup oats'])
  })

  it('typed here while away and elsewhere, too, asks after a reload and overwrites nothing', async () => {
    const { server, elsewhere } = draftServer()
    const draft = await open()
    server.up = false
    draft.edit('one', add('1 cup oats'))
    await sent()
    server.up = true
    elsewhere('1 cup dates')
    const again = await open()
    await sent()
    expect([lines(again.document.value), lines(again.elsewhere.value?.document), lines(server.kept)]).toEqual([
      ['1 cup oats'],
      ['1 cup dates'],
      ['1 cup dates'],
    ])
  })

  it('that the server will not keep, because the formula was deleted elsewhere, says so and stays in the browser', async () => {
    const { server } = draftServer()
    const draft = await open()
    server.gone = true
    draft.edit('one', add('1 cup oats'))
    await sent()
    expect(draft.refused.value).toMatch(/^What you type is kept in this browser only\. There is nothing here/)
    expect([draft.away.value, lines(draft.document.value)]).toEqual([false, ['1 cup oats']])
    server.gone = false
    draft.edit('two', add('2 tbsp honey'))
    await sent()
    expect([draft.refused.value, lines(server.kept)]).toEqual([undefined, ['1 cup oats', '2 tbsp honey']])
  })
})

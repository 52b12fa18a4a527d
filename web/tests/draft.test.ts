import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type FormulaDocument } from '@/api/document'
import { closeDrafts, draftOf, emptyFormula, serve, settle } from './helpers'

/** A small server: one formula whose versions are kept in a list. */
function formulaServer(first: FormulaDocument, second?: FormulaDocument, created_at = '2026-06-20T10:00:00.000001Z') {
  const versions = [first, second].filter(Boolean).map((document, at) => version(at + 1, document!, at ? at : null))
  function version(id: number, document: FormulaDocument, parent_id: number | null) {
    return { id, formula_id: 7, number: id, parent_id, created_at: '2026-06-20T10:00:00Z', document }
  }
  const asked = serve({
    'GET /api/formulas/7': () => ({
      id: 7,
      name: 'x',
      created_at,
      version: versions.at(-1),
      versions: versions.length,
    }),
    'GET /api/versions/1': () => versions[0],
    'GET /api/versions/2': () => versions[1],
    'POST /api/formulas/7/versions': (body) => {
      const { document, parent_id } = body as { document: FormulaDocument; parent_id: number }
      if (document.name === 'refuse me') return undefined
      versions.push(version(versions.length + 1, document, parent_id))
      return versions.at(-1)
    },
  })
  return { asked, versions }
}
const add = (text: string) => (copy: FormulaDocument) => void copy.components[0]!.lines.push({ text })
const lines = (document: FormulaDocument) => document.components[0]!.lines.map((line) => line.text)

describe('the draft', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => {
    closeDrafts()
    vi.unstubAllGlobals()
  })

  it('is saved as a version whose parent is the one it stood on', async () => {
    const { versions } = formulaServer(emptyFormula('x'))
    const draft = draftOf(7)
    await draft.load()
    expect(draft.dirty.value).toBe(false)
    draft.edit('a line', add('1 cup oats'))
    expect(draft.dirty.value).toBe(true)
    const saved = await draft.save()
    expect([saved?.number, saved?.parent_id, draft.dirty.value]).toEqual([2, 1, false])
    expect(lines(versions[1]!.document)).toEqual(['1 cup oats'])
    await draft.save()
    expect(versions).toHaveLength(2)
  })

  it('comes back after a reload with everything that could be undone', async () => {
    formulaServer(emptyFormula('x'))
    const before = draftOf(7)
    await before.load()
    before.edit('one', add('1 cup oats'))
    before.edit('two', add('2 tbsp honey'))
    await before.undo()
    await settle(10)
    const after = draftOf(7)
    await after.load()
    expect([lines(after.document.value), after.restored.value]).toEqual([['1 cup oats'], true])
    after.history.redo()
    expect(lines(after.document.value)).toEqual(['1 cup oats', '2 tbsp honey'])
    await after.undo()
    await after.undo()
    expect([lines(after.document.value), after.dirty.value]).toEqual([[], false])
  })

  it('opens the parent version when undone past a Save, and goes forward again', async () => {
    const second = emptyFormula('x')
    add('1 cup oats')(second)
    formulaServer(emptyFormula('x'), second)
    const draft = draftOf(7)
    await draft.load()
    expect(draft.canUndo.value).toBe(true)
    await draft.undo()
    expect([draft.base.value?.number, lines(draft.document.value), draft.dirty.value]).toEqual([1, [], false])
    await settle(10)
    const reloaded = draftOf(7)
    await reloaded.load()
    expect([reloaded.base.value?.number, lines(reloaded.document.value)]).toEqual([1, []])
    reloaded.history.redo()
    expect(lines(reloaded.document.value)).toEqual(['1 cup oats'])
  })

  it('loses nothing when the server refuses', async () => {
    const { versions } = formulaServer(emptyFormula('x'))
    const draft = draftOf(7)
    await draft.load()
    draft.edit('the name', (copy) => void (copy.name = 'refuse me'))
    expect(await draft.save()).toBeUndefined()
    expect([draft.error.value, draft.document.value.name, versions.length]).toEqual([
      'There is nothing here',
      'refuse me',
      1,
    ])
  })

  it('does not call the same document changed when only its keys stand otherwise', async () => {
    formulaServer(emptyFormula('x'))
    const draft = draftOf(7)
    await draft.load()
    const { name, elm_cup, shape, components } = draft.document.value
    draft.document.value = { components, shape, elm_cup, name }
    expect(draft.dirty.value).toBe(false)
  })

  it('of one database never opens over the formula of another with the same number', async () => {
    formulaServer(emptyFormula('demo'))
    const demo = draftOf(7)
    await demo.load()
    demo.edit('a line', add('1 cup oats'))
    await settle(10)
    formulaServer(emptyFormula('mine'), undefined, '2026-07-01T08:00:00.000001Z')
    const mine = draftOf(7)
    await mine.load()
    expect([mine.document.value.name, lines(mine.document.value), mine.restored.value]).toEqual(['mine', [], false])
  })

  it('gives way to a version saved on another device when it says nothing of its own, and only then', async () => {
    const { versions } = formulaServer(emptyFormula('x'))
    const tablet = draftOf(7)
    await tablet.load()
    tablet.edit('a line', add('1 cup oats'))
    await tablet.undo()
    await settle(10)
    const second = emptyFormula('x')
    add('2 tbsp honey')(second)
    formulaServer(emptyFormula('x'), second)
    const again = draftOf(7)
    await again.load()
    expect([again.base.value?.number, lines(again.document.value)]).toEqual([2, ['2 tbsp honey']])
    again.edit('a line', add('3 g salt'))
    await settle(10)
    const kept = draftOf(7)
    await kept.load()
    expect([kept.restored.value, lines(kept.document.value)]).toEqual([true, ['2 tbsp honey', '3 g salt']])
    expect(versions).toHaveLength(1)
  })

  it('says when a version was saved elsewhere while it lay here, until it is saved itself', async () => {
    formulaServer(emptyFormula('x'))
    const tablet = draftOf(7)
    await tablet.load()
    tablet.edit('a line', add('1 cup oats'))
    await settle(10)
    formulaServer(emptyFormula('x'), emptyFormula('newer'))
    const again = draftOf(7)
    await again.load()
    expect([again.restored.value, again.overtakenBy.value, lines(again.document.value)]).toEqual([
      true,
      2,
      ['1 cup oats'],
    ])
    await again.save()
    expect(again.overtakenBy.value).toBeUndefined()
  })

  it('opens even when the version it stood on is gone, with nothing of it lost', async () => {
    formulaServer(emptyFormula('x'))
    localStorage.setItem(
      'elm-cup:draft:7:2026-06-20T10:00:00.000001Z',
      JSON.stringify({ document: { ...emptyFormula('kept') }, baseId: 99, history: { undo: [], redo: [] } }),
    )
    const draft = draftOf(7)
    await draft.load()
    expect([draft.loaded.value, draft.document.value.name, draft.base.value?.number, draft.dirty.value]).toEqual([
      true,
      'kept',
      1,
      true,
    ])
  })

  it('says so when the formula is not there, and bears a broken keepsake', async () => {
    serve({})
    const draft = draftOf(8)
    await draft.load()
    expect([draft.loaded.value, draft.error.value]).toEqual([false, 'There is nothing here'])
    localStorage.setItem('elm-cup:draft:7:2026-06-20T10:00:00.000001Z', '{broken')
    formulaServer(emptyFormula('x'))
    const other = draftOf(7)
    await other.load()
    expect(other.loaded.value).toBe(true)
  })

  it('is left once the edits that still come are there, and not held up for ever', async () => {
    formulaServer(emptyFormula('x'))
    const draft = draftOf(7)
    await draft.load()
    let left = false
    const leave = () => {
      left = false
      void draft.settled().then(() => (left = true))
    }
    const coming = new Promise<void>((come) => setTimeout(come, 300))
    void draft.expect(coming)
    void draft.expect(Promise.reject(new Error('no'))).catch(() => {})
    leave()
    await settle(200)
    expect(left).toBe(false)
    await settle(200)
    expect(left).toBe(true)
    void draft.expect(new Promise(() => {}))
    leave()
    await settle(1900)
    expect(left).toBe(false)
    await settle(300)
    expect(left).toBe(true)
  })
})

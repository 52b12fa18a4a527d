import { describe, expect, it } from 'vitest'
import { emptyFormula } from './helpers'
import { reactive, shallowRef } from 'vue'
import { type FormulaDocument } from '@/api/document'
import { patched, useHistory } from '@/composables/useHistory'

/** A small generator of numbers, the same at each run. */
function numbers(seed: number) {
  return () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648
}
function withLine(document: FormulaDocument, text: string): FormulaDocument {
  const copy = structuredClone(document)
  copy.components[0]!.lines.push({ text })
  return copy
}

describe('undo and redo', () => {
  it('restores exactly, through any run of edits', () => {
    const random = numbers(4)
    const document = shallowRef<FormulaDocument>(emptyFormula('x'))
    const history = useHistory(document)
    const seen = [JSON.stringify(document.value)]
    for (let step = 0; step < 40; step++) {
      const copy = structuredClone(document.value)
      const lines = copy.components[0]!.lines
      if (random() < 0.5 || lines.length === 0) lines.push({ text: `${step} g oats` })
      else if (random() < 0.5) lines.splice(Math.floor(random() * lines.length), 1)
      else copy.name = `name ${step}`
      expect(history.change(`step ${step}`, copy)).toBe(true)
      seen.push(JSON.stringify(document.value))
    }
    for (let at = seen.length - 2; at >= 0; at--) {
      history.undo()
      expect(JSON.stringify(document.value)).toBe(seen[at])
    }
    expect(history.undo()).toBeUndefined()
    for (const wanted of seen.slice(1)) {
      history.redo()
      expect(JSON.stringify(document.value)).toBe(wanted)
    }
  })

  it('counts no change as no edit, and an edit after an undo drops what could be redone', () => {
    const document = shallowRef<FormulaDocument>(emptyFormula('x'))
    const history = useHistory(document)
    expect(history.change('nothing', structuredClone(document.value))).toBe(false)
    history.change('one', withLine(document.value, '1 g oats'))
    history.undo()
    history.change('two', withLine(document.value, '2 g oats'))
    expect(history.redoLabel.value).toBeUndefined()
    expect(history.undoLabel.value).toBe('two')
  })

  it('steps back to a parent version and forward again', () => {
    const document = shallowRef<FormulaDocument>(withLine(emptyFormula('x'), '1 g oats'))
    const history = useHistory(document)
    const now = JSON.stringify(document.value)
    history.stepBackTo('version 2', emptyFormula('x'))
    expect(document.value.components[0]!.lines).toEqual([])
    history.redo()
    expect(JSON.stringify(document.value)).toBe(now)
  })

  it('applies a JSON Patch to a copy', () => {
    const document = emptyFormula('x')
    const after = patched(document, [{ op: 'add', path: '/components/0/lines/-', value: { text: '1 tsp water' } }])
    expect(after.components[0]!.lines).toEqual([{ text: '1 tsp water' }])
    expect(document.components[0]!.lines).toEqual([])
  })

  it('takes what comes from a reactive place, and undoes it', () => {
    const document = shallowRef<FormulaDocument>(emptyFormula('x'))
    const history = useHistory(document)
    history.change('it', reactive({ answer: withLine(emptyFormula('y'), '1 cup oats') }).answer)
    history.undo()
    expect(document.value).toEqual(emptyFormula('x'))
  })
})

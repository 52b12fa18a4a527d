import { afterEach, describe, expect, it, vi } from 'vitest'
import GramsHandle from '@/components/lines/GramsHandle.vue'
import EntryLine from '@/components/lines/EntryLine.vue'
import LineReadingText from '@/components/lines/LineReadingText.vue'
import SlipRow from '@/components/lines/SlipRow.vue'
import GiveTakeBar from '@/drawings/GiveTakeBar.vue'
import { line, serve, settle, show } from './helpers'

afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})

describe('the entry line', () => {
  it('reads while it is typed, shows what reads well, and adds on Enter', async () => {
    const asked = serve({ 'POST /api/lines': () => line() })
    const entry = show(EntryLine, { process: 'processor', kitchen: { cup: 'metric', spoons: ['1 tsp'] } })
    await entry.get('input').setValue('2 tbsp honey')
    await settle()
    expect(asked).toEqual([
      {
        method: 'POST',
        path: '/api/lines',
        body: { text: '2 tbsp honey', process: 'processor', cup: 'metric', spoons: ['1 tsp'] },
      },
    ])
    expect(entry.text()).toContain('42 g')
    expect(entry.emitted('reading')?.at(-1)).toEqual([{ text: '2 tbsp honey' }])
    await entry.get('form').trigger('submit')
    expect(entry.emitted('add')).toEqual([[{ text: '2 tbsp honey' }]])
    expect((entry.get('input').element as HTMLInputElement).value).toBe('')
  })

  it('keeps a guess that the cook chose with the line', async () => {
    serve({
      'POST /api/lines': (body) =>
        (body as { ingredient?: string }).ingredient
          ? line({ text: '2 tbsp house spice', name: 'Mixed spice' })
          : line({
              status: 'unknown',
              message: 'not in the pantry',
              candidates: [{ ingredient: 'spice-mixed', name: 'Mixed spice', confidence: 0.5 }],
            }),
    })
    const entry = show(EntryLine, { process: 'hand' })
    await entry.get('input').setValue('2 tbsp house spice')
    await settle()
    await entry.get('.guess').trigger('click')
    await settle()
    await entry.get('form').trigger('submit')
    expect(entry.emitted('add')).toEqual([[{ text: '2 tbsp house spice', ingredient: 'spice-mixed' }]])
  })

  it('adds a line for each of several things with amounts', async () => {
    const apart = ['200 g dark choc, melted', '1 tbsp coconut oil']
    serve({ 'POST /api/lines': () => line({ text: '200 g dark choc, melted w/ 1 tbsp coconut oil', apart }) })
    const entry = show(EntryLine, { process: 'hand' })
    await entry.get('input').setValue('200 g dark choc, melted w/ 1 tbsp coconut oil')
    await settle()
    await entry.get('form').trigger('submit')
    expect(entry.emitted('add')).toEqual(apart.map((text) => [{ text }]))
  })

  it('adds nothing from an empty line and is cleared by Esc', async () => {
    serve({})
    const entry = show(EntryLine, { process: 'hand' })
    await entry.get('form').trigger('submit')
    expect(entry.emitted('add')).toBeUndefined()
    await entry.get('input').setValue('half a')
    await entry.get('input').trigger('keydown', { key: 'Escape' })
    expect((entry.get('input').element as HTMLInputElement).value).toBe('')
  })
})

describe('a row of the slip', () => {
  const row = (changes = {}) =>
    show(SlipRow, {
      line: { text: '2 tbsp house spice', ingredient: 'spice-mixed' },
      assessed: line({ text: '2 tbsp house spice' }),
      scale: 30,
      process: 'hand',
      number: 1,
      ...changes,
    })

  it('makes several things of one line a line each, with a press', async () => {
    const apart = ['200 g dark choc', '1 tbsp coconut oil']
    const text = '200 g dark choc w/ 1 tbsp coconut oil'
    const row = show(SlipRow, {
      line: { text },
      assessed: line({ text, apart }),
      scale: 100,
      process: 'hand',
      number: 1,
    })
    await row
      .findAll('button')
      .find((each) => each.text() === 'Make it 2 lines')!
      .trigger('click')
    expect(row.emitted('part')).toEqual([[apart]])
  })

  it('keeps the match that the cook chose where the reading says that it holds', async () => {
    for (const chosen of ['spice-mixed', undefined]) {
      const asked = serve({ 'POST /api/lines': () => line({ chosen }) })
      const slip = row()
      await slip.get('.typed').trigger('click')
      await slip.get('input').setValue('half a tbsp house spice ')
      await slip.get('input').trigger('keydown', { key: 'Enter' })
      await settle()
      const text = 'half a tbsp house spice'
      expect(asked.at(-1)?.body).toEqual({
        text,
        ingredient: 'spice-mixed',
        was: '2 tbsp house spice',
        process: 'hand',
      })
      expect(slip.emitted('change')).toEqual([[chosen ? { text, ingredient: chosen } : { text }]])
      slip.unmount()
    }
  })

  it('asks nobody when no match was chosen, and loses no text when the server is silent', async () => {
    serve({})
    for (const kept of [{ text: '2 tbsp honey' }, { text: '2 tbsp house spice', ingredient: 'spice-mixed' }]) {
      const slip = row({ line: kept, assessed: line({ text: kept.text }) })
      await slip.get('.typed').trigger('click')
      await slip.get('input').setValue('3 tbsp tahini')
      await slip.get('input').trigger('keydown', { key: 'Enter' })
      if (kept.ingredient) await settle()
      expect(slip.emitted('change')).toEqual([[{ text: '3 tbsp tahini' }]])
      slip.unmount()
    }
  })

  it('changes nothing on Esc or when the text is the same', async () => {
    serve({ 'POST /api/lines': () => line() })
    const slip = row()
    await slip.get('.typed').trigger('click')
    await slip.get('input').setValue('9 cups house spice')
    await slip.get('input').trigger('keydown', { key: 'Escape' })
    await slip.get('.typed').trigger('click')
    await slip.get('input').trigger('keydown', { key: 'Enter' })
    expect(slip.emitted('change')).toBeUndefined()
    expect(slip.emitted('preview')?.at(-1)).toEqual([undefined])
  })

  it('marks a flag in words, with a way to mend it', async () => {
    const slip = row({
      assessed: line({
        status: 'ambiguous',
        message: '“butter” can be several things',
        candidates: [{ ingredient: 'dairy-butter', name: 'Dairy butter', confidence: 0.3 }],
      }),
    })
    expect(slip.text()).toContain('“butter” can be several things')
    await slip.get('.guess').trigger('click')
    expect(slip.emitted('change')).toEqual([[{ text: '2 tbsp house spice', ingredient: 'dairy-butter' }]])
    expect(slip.find('svg.bar').exists()).toBe(false)
  })

  it('underlines the very place that cannot be read', () => {
    const slip = row({
      line: { text: '2 cups + 0 tbsp oats' },
      assessed: line({
        text: '2 cups + 0 tbsp oats',
        status: 'unreadable',
        message: 'The amount is zero',
        from: 9,
        to: 10,
      }),
    })
    expect(slip.get('.fault').text()).toBe('0')
    expect(slip.get('.typed').text().replace(/\s+/g, ' ')).toBe('2 cups + 0 tbsp oats')
  })

  it('has a button for a spoon more, a spoon less and out', async () => {
    const slip = row()
    for (const label of ['Less of line 1', 'More of line 1', 'Take line 1 out'])
      await slip.get(`[aria-label="${label}"]`).trigger('click')
    expect(slip.emitted('nudge')).toEqual([[-1], [1]])
    expect(slip.emitted('remove')).toHaveLength(1)
  })
})

describe('the grams', () => {
  const point = async (grams: ReturnType<typeof show>, type: string, clientX = 0) => {
    grams.element.dispatchEvent(new MouseEvent(type, { clientX, button: 0, bubbles: true }))
    await settle(1)
  }
  it('move by a step every ten pixels and are kept when let go', async () => {
    const grams = show(GramsHandle, { line: line() })
    await point(grams, 'pointerdown', 100)
    for (const clientX of [104, 112, 131]) await point(grams, 'pointermove', clientX)
    await point(grams, 'pointerup')
    expect(grams.emitted('drag')).toEqual([[1], [3]])
    expect(grams.emitted('drop')).toEqual([[3]])
  })

  it('go back when the drag is stopped or ends where it began, and stand still when flagged', async () => {
    const grams = show(GramsHandle, { line: line() })
    await point(grams, 'pointerdown', 100)
    await point(grams, 'pointermove', 150)
    await point(grams, 'pointercancel')
    await point(grams, 'pointerdown', 100)
    await point(grams, 'pointerup')
    expect(grams.emitted('stop')).toHaveLength(2)
    expect(grams.emitted('drop')).toBeUndefined()
    const still = show(GramsHandle, { line: line(), still: true })
    await point(still, 'pointerdown', 100)
    await point(still, 'pointermove', 300)
    expect(still.emitted('drag')).toBeUndefined()
  })
})

describe('what a line says', () => {
  it('is its grams, its match, how sure, and what was taken for granted', () => {
    const text = show(LineReadingText, {
      line: line({ assumptions: ['one is taken as 18 g'], kitchen: { text: '2 tbsp', error_pct: 0 } }),
    }).text()
    for (const part of ['42 g', 'Honey', 'syrup', '≈ 2 tbsp', '98 % sure', 'one is taken as 18 g'])
      expect(text).toContain(part)
  })

  it('gives to the right and takes to the left, in the same scale', () => {
    const bar = show(GiveTakeBar, {
      line: line({ demand_ml: 15, supply_ml: 30, split_ml: { water: 0, syrup: 10, pulp: 0, fat: 20 } }),
      scale: 30,
    })
    const width = (selector: string) => Number(bar.get(selector).attributes('width'))
    expect(width('.takes')).toBeCloseTo(22)
    expect(width('.syrup') + width('.fat')).toBeCloseTo(44)
    expect(Number(bar.get('.fat').attributes('x'))).toBeCloseTo(45 + width('.syrup'))
    expect(bar.attributes('aria-label')).toBe('gives 30 mL, takes 15 mL')
  })
})

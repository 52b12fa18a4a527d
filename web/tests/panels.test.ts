import { afterEach, describe, expect, it, vi } from 'vitest'
import CupPanel from '@/components/cup/CupPanel.vue'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import TexturePicker from '@/components/frame/TexturePicker.vue'
import FactsPanel from '@/components/figures/FactsPanel.vue'
import MeasuresForm from '@/components/kitchen/MeasuresForm.vue'
import MatchPicker from '@/components/lines/MatchPicker.vue'
import PiecePanel from '@/components/shape/PiecePanel.vue'
import SecondLook from '@/components/look/SecondLook.vue'
import ShelfTable from '@/components/shelf/ShelfTable.vue'
import CupDrawing from '@/drawings/CupDrawing.vue'
import SectionDrawing from '@/drawings/SectionDrawing.vue'
import TextureScale from '@/drawings/TextureScale.vue'
import { line, settle, show, TEXTURES, SHAPES } from './helpers'

afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})
const EDGES = [0.4636, 0.6165, 0.82, 1.0906, 1.4505, 1.9292]

describe('the Cup', () => {
  const cup = (value: number, more = {}) =>
    show(CupDrawing, {
      saturation: { value, low: value * 0.85, high: value * 1.18 },
      split: { water: 0, syrup: value * 100, pulp: 0, fat: 0, masked: 0 },
      demandMl: 100,
      texture: 'rolls',
      want: 'rolls',
      edges: EDGES,
      textures: TEXTURES,
      ...more,
    })

  it('stands on a linear wall and stops at the rim, where it spills', () => {
    const level = (value: number) => Number(cup(value).get('[data-level]').attributes('y1'))
    expect(level(0.5) - level(1)).toBeCloseTo(level(1) - level(1.5))
    expect(level(2.6)).toBeCloseTo(level(2.2))
    expect(cup(2.6).text()).toContain('over the rim: 2.6')
    expect(cup(2.1).find('.spill').exists()).toBe(false)
  })

  it('has a demand line only where something is dry', () => {
    expect(cup(0.9).find('[data-demand]').exists()).toBe(true)
    const wet = cup(0.9, { saturation: undefined, demandMl: 0 })
    expect(wet.find('[data-demand]').exists()).toBe(false)
    expect(wet.text()).toContain('nothing to bind')
  })

  it('is said in words', () => {
    expect(cup(0.93).attributes('aria-label')).toContain('stands at 0.93 of what the dry side takes')
  })
})

describe('the Cup of a part', () => {
  const library = { texture_edges: EDGES, textures: TEXTURES }
  const part = { name: 'dough', lines: [], takes: [], texture: 'rolls', want: 'rolls', demand_ml: 100, sentence: '' }
  const split = { water: 0, syrup: 20, pulp: 80, fat: 0, masked: 0 }

  it('is filled by what the part takes of others, though it has no line of its own', () => {
    const saturation = { value: 1, low: 0.9, high: 1.1 }
    const component = { ...part, saturation, binder_split_ml: split }
    expect(show(CupPanel, { component, library }).findAll('[data-stratum]').length).toBe(2)
    expect(show(CupPanel, { component: part, library }).findAll('[data-stratum]').length).toBe(0)
  })
})

describe('the kitchen', () => {
  const library = {
    cups: [{ id: 'us', name: 'US' }],
    spoons: ['1/4 tsp', '1 tsp'],
    usual_kitchen: { cup: 'us', spoons: ['1/4 tsp', '1 tsp'], room_c: 21, fridge_c: 4, freezer_c: -18 },
  }
  const form = (kitchen = {}) => show(MeasuresForm, { library, now: { ...library.usual_kitchen, ...kitchen } })

  it('says which spoons there are, those of the document too, and keeps at least one', async () => {
    const kitchen = form({ spoons: ['1 tsp', '2 tbsp'] })
    const boxes = kitchen.findAll('input[type=checkbox]').map((box) => box.element as HTMLInputElement)
    expect(boxes.map((box) => [box.parentElement?.textContent?.trim(), box.checked])).toEqual([
      ['1/4 tsp', false],
      ['1 tsp', true],
      ['2 tbsp', true],
    ])
    boxes[1]!.click()
    expect(kitchen.emitted('change')).toEqual([[{ spoons: ['2 tbsp'] }]])
    const last = form({ spoons: ['1 tsp'] })
      .findAll('input[type=checkbox]')
      .at(-1)
    expect((last!.element as HTMLInputElement).disabled).toBe(true)
  })

  it('takes a warmth that a kitchen has and no other', async () => {
    const kitchen = form()
    const field = kitchen.get('input[type=number]').element as HTMLInputElement
    for (const typed of ['28.5', '60', '']) {
      field.value = typed
      field.dispatchEvent(new Event('change'))
    }
    expect(kitchen.emitted('change')).toEqual([[{ room_c: 28.5 }]])
    expect(field.value).toBe('21')
  })
})

describe('the scale of textures', () => {
  it('says predicted and seen, and draws the miss', () => {
    const scale = show(TextureScale, { predicted: 'presses', seen: 'tacky', textures: TEXTURES })
    expect(scale.attributes('aria-label')).toBe('Predicted presses, seen tacky')
    expect(Number(scale.get('.miss').attributes('x2')) - Number(scale.get('.miss').attributes('x1'))).toBe(52)
  })
  it('bears what is not said', () => {
    expect(show(TextureScale, { predicted: null, seen: undefined, textures: TEXTURES }).attributes('aria-label')).toBe(
      'Predicted not judged, seen not said',
    )
  })
})

describe('the piece', () => {
  const pieces = {
    count: 22,
    words: '22 balls',
    piece_grams: 18,
    diameter_mm: 30.8,
    size: '31 mm across',
    over_grams: 16,
    over_words: '16 g over',
    form: 'ball',
    piece_mm: [30.8, 30.8, 30.8],
    layers: [{ component: 'dough', mm: 30.8, grams: 18 }],
    notes: [],
  }
  const library = { shapes: SHAPES }
  it('is drawn at true size beside 50 mm', () => {
    const layers = [{ component: 'dough', mm: 31, grams: 18 }]
    const drawing = show(SectionDrawing, { pieces: { ...pieces, layers, piece_mm: [31, 31, 31] }, small: true })
    expect(Number(drawing.get('[data-layer]').attributes('ry'))).toBe(15.5)
    expect(drawing.get('svg').attributes('style')).toContain('58mm')
  })
  it('is portioned by what is typed, and by nothing that is not a size', async () => {
    const panel = show(PiecePanel, { assessment: { pieces }, shape: { kind: 'ball', piece_grams: 18 }, library })
    const field = panel.get('input[type=number]')
    for (const typed of ['20', '0', '-4', '']) {
      ;(field.element as HTMLInputElement).value = typed
      await field.trigger('change')
    }
    expect(panel.emitted('shape')).toEqual([[{ kind: 'ball', piece_grams: 20 }]])
    expect(panel.text()).toContain('22 balls of 18 g, 31 mm across; 16 g over')
  })
  it('is portioned another way: by what the pieces come to, or as usual where nothing says it', async () => {
    const panel = show(PiecePanel, { assessment: { pieces }, shape: { kind: 'ball', piece_grams: 18 }, library })
    const select = panel.findComponent({ name: 'Select' })
    for (const way of ['pieces', 'scoop_ml']) select.vm.$emit('update:modelValue', way)
    expect(panel.emitted('shape')).toEqual([[{ kind: 'ball', pieces: 22 }], [{ kind: 'ball', scoop_ml: 23.66 }]])
    await panel.setProps({ shape: { kind: 'ball', scoop_ml: 25 } })
    expect(panel.text()).not.toContain('undefined')
  })
  it('says nothing it does not know', () => {
    const assessment = {
      grams: 100,
      components: [{ lines: [line({ status: 'unknown' })] }],
      allergens: [],
      diets: [],
      notes: ['Allergens and diets are not complete'],
      findings: [],
    }
    expect(show(PiecePanel, { assessment, shape: { kind: 'ball', piece_grams: 18 } }).text()).toContain(
      'once a line is read',
    )
    expect(show(FactsPanel, { assessment }).find('table').exists()).toBe(false)
  })
})

describe('the facts', () => {
  const nutrition = (kcal: number, polyols_g = 0) => ({
    kcal,
    protein_g: 1,
    fat_g: 2,
    saturates_g: 0.5,
    carbohydrate_g: 3,
    sugars_g: 2,
    free_sugars_g: 0,
    free_sugars_if_blended_fruit_counts_g: 2,
    added_sugars_g: 0,
    net_carbohydrate_g: 2,
    polyols_g,
    fibre_g: 1,
    salt_g: 0.1,
  })
  const assessment = {
    grams: 100,
    components: [{ lines: [line()] }],
    allergens: ['tree_nut'],
    diets: ['vegan'],
    notes: [],
    findings: [],
    sweetness_pct: 31,
    nutrition_per_piece: nutrition(69),
    nutrition_per_100g: nutrition(383),
  }
  it('stand for a piece and for 100 g, with both ways of counting blended fruit', () => {
    const facts = show(FactsPanel, { assessment })
    const row = (label: string) =>
      facts
        .findAll('tbody tr')
        .find((each) => each.text().includes(label))!
        .findAll('td')
        .map((cell) => cell.text())
    expect(row('Energy')).toEqual(['69 kcal', '383 kcal'])
    expect(row('free')[0]).toBe('0 or 2 g*')
    expect(row('net of fibre')).toEqual(['2 g', '2 g'])
    for (const said of ['31 %', 'disputed', 'estimates']) expect(facts.text()).toContain(said)
  })
  it("set a piece against the day's sugar, say its cost and what has no price, and the label's rounding", () => {
    const more = {
      sugar_of_day: { grams: 5, of_25_g_pct: 20, of_50_g_pct: 10 },
      cost: { batch: 4.2, piece: 0.175, currency: 'EUR', unpriced: ['Honey'] },
      label: { us_per_piece: { calories: '70', sodium: '15 mg' }, eu_per_100g: { energy: '1603 kJ / 383 kcal' } },
    }
    const text = show(FactsPanel, { assessment: { ...assessment, ...more } }).text()
    for (const said of [
      "20 % of a day's 25 g",
      '10 % of 50 g',
      '€0.18 a piece',
      '€4.20 the batch',
      'no price yet for Honey',
      'Calories70',
      '1603 kJ',
    ])
      expect(text).toContain(said)
  })
  it('stand for the part in hand as well, where there are several', async () => {
    const part = {
      name: 'caramel',
      allergens: ['tree_nut'],
      diets: ['vegan'],
      sweetness_pct: 40,
      nutrition_per_100g: nutrition(300),
    }
    const facts = show(FactsPanel, { assessment, part })
    expect(facts.text()).toContain('383 kcal')
    await facts
      .findAll('button')
      .find((each) => each.text() === 'caramel')!
      .trigger('click')
    for (const said of ['300 kcal', '40 %', 'tree nut', 'vegan']) expect(facts.text()).toContain(said)
    expect(facts.text()).not.toContain('383 kcal')
    expect(show(FactsPanel, { assessment }).findAll('button')).toEqual([])
  })
  it('name polyols only where there are any', () => {
    expect(show(FactsPanel, { assessment }).text()).not.toContain('Polyols')
    expect(show(FactsPanel, { assessment: { ...assessment, nutrition_per_100g: nutrition(383, 4) } }).text()).toContain(
      'Polyols',
    )
  })
})

describe('the second look', () => {
  const finding = {
    rule: 'no-salt',
    component: 'dough',
    message: 'It will taste flat.',
    remedy: { text: 'Add a pinch', patch: [] },
  }
  const dough = { lines: [line()] }
  const look = (changes: object) =>
    show(SecondLook, { assessment: { grams: 100, components: [dough], findings: [], muted: [], ...changes } })
  it('offers each remedy, and says which component only where there are several', async () => {
    const one = look({ findings: [finding] })
    await one.get('button').trigger('click')
    expect(one.emitted('mend')).toEqual([[finding]])
    expect(one.text()).not.toContain('dough:')
    expect(look({ components: [dough, dough], findings: [finding] }).text()).toContain('dough:')
  })
  it('mutes a rule for this formula, and says it again', async () => {
    const muted = look({ findings: [finding], muted: [{ ...finding, rule: 'pits', message: 'Feel for pits.' }] })
    await muted.get('.mute').trigger('click')
    expect(muted.emitted('mute')).toEqual([['no-salt']])
    expect(muted.text()).toContain('1 finding muted')
    await muted.get('details button').trigger('click')
    expect(muted.emitted('unmute')).toEqual([['pits']])
  })
  it('praises nothing that is empty or waits for a line', () => {
    expect(look({}).text()).toContain('Nothing to worry about')
    expect(look({ grams: 0 }).text()).toContain('nothing to look at yet')
    expect(look({ components: [{ lines: [line({ status: 'unknown' })] }] }).text()).toContain('when every line is read')
  })
})

describe('choices', () => {
  it('of a switch are pressed or not', async () => {
    const choices = [
      { id: 'hand', word: 'by hand' },
      { id: 'processor', word: 'in the processor' },
    ]
    const pair = show(SwitchButtons, { choices, label: 'How', modelValue: 'hand' })
    expect(pair.findAll('[aria-pressed=true]').map((each) => each.text())).toEqual(['by hand'])
    await pair.findAll('button')[1]!.trigger('click')
    expect(pair.emitted('update:modelValue')).toEqual([['processor']])
  })
  it('of a texture say how it squeezes', async () => {
    const picker = show(TexturePicker, { textures: TEXTURES, modelValue: 'rolls' })
    expect(picker.text()).toContain('it rolls')
    await picker.findAll('input')[4]!.setValue()
    expect(picker.emitted('update:modelValue')).toEqual([['tacky']])
  })
  it('of the pantry put the guesses first and search in every name', async () => {
    const ingredients = ['almonds', 'honey', 'tahini'].map((id) => ({
      id,
      name: id,
      family: 'x',
      names: id === 'tahini' ? ['sesame paste'] : [],
      forms: [],
      allergens: [],
      source: 'x',
    }))
    const picker = show(MatchPicker, {
      line: line({ candidates: [{ ingredient: 'tahini', name: 'tahini', confidence: 0.5 }] }),
      library: { ingredients },
    })
    await settle(50)
    const names = () => [...document.querySelectorAll('[role=dialog] li')].map((each) => each.textContent)
    expect(names()[0]).toContain('tahini')
    const search = document.querySelector<HTMLInputElement>('#pantry-search')!
    search.value = 'SESAME'
    search.dispatchEvent(new Event('input'))
    await settle(20)
    expect(names()).toHaveLength(1)
    document.querySelector<HTMLElement>('[role=dialog] li button')!.click()
    expect(picker.emitted('choose')).toEqual([['tahini']])
  })
})

describe('the table of formulas', () => {
  const formula = (name: string, fill: number | null, grams: number) => ({
    id: grams,
    name,
    updated_at: '2026-06-20T10:00:00Z',
    version: 1,
    version_id: 1,
    summary: {
      grams,
      texture: fill ? 'rolls' : null,
      saturation: fill ? { value: fill, low: fill, high: fill } : null,
      flagged: 0,
      diets: [],
      allergens: [],
    },
  })
  it('asks for another order by each column, both ways, and says which one it has', async () => {
    const table = show(ShelfTable, { formulas: [formula('B', 0.9, 300)], count: 1, order: 'name' })
    const heads = table.findAll('th button')
    await heads[2]!.trigger('click')
    await table.setProps({ order: 'grams' })
    expect(table.findAll('th')[2]!.attributes('aria-sort')).toBe('ascending')
    await heads[2]!.trigger('click')
    await table.setProps({ order: '-grams' })
    expect(table.findAll('th')[2]!.attributes('aria-sort')).toBe('descending')
    await heads[3]!.trigger('click')
    expect(table.emitted('update:order')).toEqual([['grams'], ['-grams'], ['pieces']])
  })
})

import { afterEach, describe, expect, it, vi } from 'vitest'
import { shallowRef } from 'vue'
import BreachNote from '@/components/eaters/BreachNote.vue'
import EatersPanel from '@/components/eaters/EatersPanel.vue'
import FlavourSettings from '@/components/parts/FlavourSettings.vue'
import PartsBar from '@/components/parts/PartsBar.vue'
import TakesEditor from '@/components/parts/TakesEditor.vue'
import type { Wish } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import type { Draft } from '@/composables/useDraft'
import { useHistory } from '@/composables/useHistory'
import { takeOf, takeText, useParts } from '@/composables/useParts'
import { line, settle, show } from './helpers'

afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})
const layered = (): FormulaDocument => ({
  elm_cup: 'formula/1',
  name: 'Layered',
  components: [
    { name: 'caramel', type: 'filling', lines: [{ text: '12 dates' }] },
    { name: 'dough', type: 'dough', lines: [], takes: [{ component: 'caramel', share: 0.25 }] },
    { name: 'shell', type: 'coating', lines: [] },
  ],
})
/** Parts of a document in a draft that can be undone, without a server. */
function parts(given = layered(), wished: Wish[] = []) {
  const kept = shallowRef(given)
  const history = useHistory(kept)
  const edit = (label: string, make: (copy: FormulaDocument) => void) => {
    const copy = structuredClone(kept.value)
    make(copy)
    return history.change(label, copy)
  }
  const draft = { document: kept, edit, undo: () => history.undo() } as unknown as Draft
  const all = useParts(
    draft,
    () => kept.value.splits && 'dough',
    () => wished,
  )
  return { kept, history, ...all }
}
const names = (given: FormulaDocument) => given.components.map((part) => part.name)

describe('what is taken', () => {
  it('is typed as a share, grams or a measure, and shown the same', () => {
    const typed = ['25 %', '12,5%', '60 g', '60 grams', '1/4 cup']
    expect(typed.map((text) => takeOf('caramel', text))).toEqual([
      { component: 'caramel', share: 0.25 },
      { component: 'caramel', share: 0.125 },
      { component: 'caramel', grams: 60 },
      { component: 'caramel', grams: 60 },
      { component: 'caramel', text: '1/4 cup' },
    ])
    expect(takeOf('caramel', '  ')).toBeUndefined()
    expect(
      [{ share: 0.333 }, { grams: 60 }, { text: '1/4 cup' }].map((take) => takeText({ component: 'a', ...take })),
    ).toEqual(['33.3 %', '60 g', '1/4 cup'])
  })
  it('offers the sources that the core says make no loop, and says what is wrong', async () => {
    const opened = async (index: number, assessed?: object) => {
      const takes = editor(index, assessed)
      await takes
        .findAll('button')
        .find((each) => each.text() === 'Take some of another part')!
        .trigger('click')
      return takes
    }
    const editor = (index: number, assessed?: object) => show(TakesEditor, { document: layered(), index, assessed })
    const options = async (...may_take: string[]) =>
      (await opened(0, { may_take, takes: [] })).findComponent({ name: 'Select' }).props('options')
    expect(await options('shell')).toEqual(['shell'])
    expect(await options('dough', 'shell')).toEqual(['dough', 'shell'])
    expect(editor(0, { may_take: [], takes: [] }).text()).toBe('')
    const takes = await opened(1, {
      may_take: ['caramel', 'shell'],
      takes: [{ component: 'caramel', status: 'waits', message: 'It takes too much.', assumptions: [] }],
    })
    expect(takes.text()).toContain('It takes too much.')
    await takes.get('#take-amount').setValue('30 g')
    await takes.get('form').trigger('submit')
    await takes.get('[aria-label="Take nothing of caramel"]').trigger('click')
    expect(takes.emitted('take')).toEqual([
      [undefined, { component: 'caramel', grams: 30 }],
      [0, undefined],
    ])
  })
})

describe('parts', () => {
  it('are added under names of their own, and each change is one step back', () => {
    const { kept, history, add } = parts()
    expect([add('filling'), add('filling')]).toEqual([3, 4])
    expect(names(kept.value).slice(3)).toEqual(['filling', 'filling 2'])
    history.undo()
    history.undo()
    expect(kept.value).toEqual(layered())
  })
  it('take what is wished of them along, as the core says which wish is whose', () => {
    const wishes = ['a.lock:tahini', 'a.b.texture=rolls', 'pistachio.texture=rolls', 'kcal<=90']
    const given: FormulaDocument = {
      ...layered(),
      components: [
        { name: 'a', lines: [] },
        { name: 'a.b', lines: [] },
        { name: 'dough', lines: [] },
      ],
      splits: [{ name: 'pistachio', share: 0.5, component: 'dough', lines: [] }],
      wishes,
    }
    const of = ['a', 'a.b', 'pistachio', undefined]
    const said = wishes.map((wish, at) => ({ wish, component: of[at], words: wish, met: true }))
    const { kept, history, rename, remove, setFlavour, removeFlavour } = parts(given, said)
    rename(0, 'nut')
    expect(kept.value.wishes).toEqual(['nut.lock:tahini', ...wishes.slice(1)])
    history.undo()
    setFlavour(0, { name: 'green' })
    expect(kept.value.wishes).toEqual(['a.lock:tahini', 'a.b.texture=rolls', 'green.texture=rolls', 'kcal<=90'])
    history.undo()
    removeFlavour(0)
    expect(kept.value.wishes).toEqual(['a.lock:tahini', 'a.b.texture=rolls', 'kcal<=90'])
    history.undo()
    remove(2)
    expect(kept.value.wishes).toEqual(['a.lock:tahini', 'a.b.texture=rolls', 'kcal<=90'])
    history.undo()
    remove(1)
    expect(kept.value.wishes).toEqual(['a.lock:tahini', 'pistachio.texture=rolls', 'kcal<=90'])
  })
  it('keep what is taken of them when they are renamed, never under a name that is taken', () => {
    const { kept, history, rename } = parts()
    rename(0, ' date caramel ')
    expect(kept.value.components[1]!.takes).toEqual([{ component: 'date caramel', share: 0.25 }])
    rename(2, 'dough')
    expect(names(kept.value)).toEqual(['date caramel', 'dough', 'dough 2'])
    rename(1, '   ')
    expect(names(kept.value)[1]).toBe('dough')
    history.undo()
    history.undo()
    expect(kept.value).toEqual(layered())
  })
  it('go with what is taken of them, and come back with it', () => {
    const { kept, history, remove, addFlavour } = parts()
    addFlavour()
    addFlavour()
    remove(0)
    expect(names(kept.value)).toEqual(['dough', 'shell'])
    expect(kept.value.components[0]).not.toHaveProperty('takes')
    expect(kept.value.splits!.map((split) => split.component)).toEqual([undefined, 'dough'])
    remove(0)
    expect(kept.value).not.toHaveProperty('splits')
    for (let step = 0; step < 4; step += 1) history.undo()
    expect(kept.value).toEqual(layered())
  })
  it('move in the order, flavours staying with their base', () => {
    const { kept, move } = parts({ ...layered(), splits: [{ name: 'nib', share: 0.5, lines: [] }] })
    move(2, 0)
    expect(names(kept.value)).toEqual(['shell', 'caramel', 'dough'])
    expect(kept.value.splits![0]!.component).toBe('dough')
    move(0, -1)
    move(2, 3)
    expect(names(kept.value)).toEqual(['shell', 'caramel', 'dough'])
  })
  it('keep the base of flavours when a type changes', () => {
    const { kept, setType } = parts({ ...layered(), splits: [{ name: 'nib', share: 0.5, lines: [] }] })
    setType(0, 'dough')
    expect(kept.value.components[0]!.type).toBe('dough')
    expect(kept.value.splits![0]!.component).toBe('dough')
  })
  it('divide into flavours that never come to more than the whole', () => {
    const { kept, addFlavour, setFlavour, removeFlavour } = parts()
    addFlavour()
    addFlavour()
    const shares = () => kept.value.splits!.map((split) => split.share)
    expect(shares()).toEqual([0.5, 0.5])
    addFlavour()
    expect(shares()).toEqual([0.3333, 0.3333, 0.3333])
    expect(kept.value.splits!.map((split) => split.name)).toEqual(['flavour', 'flavour 2', 'flavour 3'])
    setFlavour(1, { name: 'nib' })
    setFlavour(2, { name: 'nib' })
    expect(kept.value.splits!.map((split) => split.name)).toEqual(['flavour', 'nib', 'nib 2'])
    setFlavour(2, { name: 'flavour 3' })
    removeFlavour(0)
    expect(kept.value.splits!.map((split) => split.name)).toEqual(['nib', 'flavour 3'])
  })
})

describe('the bar of parts', () => {
  const bar = (place = { list: 'components', index: 0, key: 'lines' }) =>
    show(PartsBar, { document: { ...layered(), splits: [{ name: 'nib', share: 0.5 }] }, place })
  it('moves a part by Alt and the arrows, and by dragging', async () => {
    const parts = bar()
    await parts.get('[data-part=dough]').trigger('keydown', { key: 'ArrowLeft', altKey: true })
    await parts.get('[data-part=dough]').trigger('keydown', { key: 'ArrowRight', altKey: true })
    await parts.get('[data-part=shell]').trigger('dragstart')
    await parts
      .get('[data-part=caramel]')
      .element.closest('li')!
      .dispatchEvent(new Event('drop', { cancelable: true }))
    expect(parts.emitted('move')).toEqual([
      [1, 0],
      [1, 2],
      [2, 0],
    ])
  })
  it('opens a part, a flavour and the whole', async () => {
    const parts = bar()
    expect(parts.get('[aria-current]').text()).toContain('caramel')
    for (const word of ['Whole', 'dough', 'nib'])
      await parts
        .findAll('.part')
        .find((each) => each.text().includes(word))!
        .trigger('click')
    expect(parts.emitted('update:place')).toEqual([
      [{ list: 'whole', index: 0, key: 'lines' }],
      [{ list: 'components', index: 1, key: 'lines' }],
      [{ list: 'splits', index: 0, key: 'lines' }],
    ])
  })
  it('adds a part of a type, or a flavour', async () => {
    const parts = bar()
    parts.findComponent({ name: 'Select' }).vm.$emit('update:modelValue', 'coating')
    parts.findComponent({ name: 'Select' }).vm.$emit('update:modelValue', 'flavour')
    expect([parts.emitted('add'), parts.emitted('flavour')]).toEqual([[['coating']], [[]]])
  })
})

describe('a flavour', () => {
  it('takes a share in per cent, and no nonsense', async () => {
    const settings = show(FlavourSettings, { flavour: { name: 'nib', share: 0.5 }, base: 'dough', way: 'lines' })
    const field = settings.get('input[type=number]')
    for (const typed of ['33.3', '0', '140', '']) {
      ;(field.element as HTMLInputElement).value = typed
      await field.trigger('change')
    }
    expect(settings.emitted('change')).toEqual([[{ share: 0.333 }]])
    expect((field.element as HTMLInputElement).value).toBe('50')
  })
})

describe('who can eat it', () => {
  const assessment = {
    components: [{ lines: [line()], takes: [] }],
    diets: ['vegetarian'],
    diet_breaks: [
      { diet: 'vegan', lines: [{ component: 'dough', line: '2 tbsp honey', ingredient: 'honey', pointer: '/x' }] },
    ],
    allergens: ['coconut', 'sesame'],
    allergens_us: ['sesame'],
    allergens_eu: ['sesame'],
    allergen_lines: [
      {
        allergen: 'sesame',
        lines: [{ component: 'dough', line: '1 cup tahini', ingredient: 'tahini', pointer: '/y' }],
      },
    ],
    traces: ['milk'],
  }
  const library = {
    diets: ['vegan', 'vegetarian', 'raw'],
    allergens: { sesame: 'sesame', coconut: 'coconut', milk: 'milk' },
  }
  it('is said by line, and needs are ticked', async () => {
    const panel = show(EatersPanel, { assessment, library, needs: ['raw'] })
    for (const said of [
      'broken by 2 tbsp honey',
      'sesame 1 cup tahini',
      'US nine: sesame',
      'Named apart: coconut',
      'by the packs milk',
    ])
      expect(panel.text().replace(/\s+/g, ' ')).toContain(said)
    const [vegan, , raw] = panel.findAll('input[type=checkbox]')
    await vegan!.setValue(true)
    await raw!.setValue(false)
    expect(panel.emitted('needs')).toEqual([[['vegan', 'raw']], [[]]])
  })
  it('is said at once where a need is broken', async () => {
    const breach = {
      need: 'vegan',
      component: 'dough',
      line: '2 tbsp honey',
      ingredient: 'honey',
      pointer: '/x',
      why: 'Honey is not vegan.',
    }
    await settle(0)
    expect(
      show(BreachNote, { breaches: [breach] })
        .text()
        .replace(/\s+/g, ' '),
    ).toBe('An eater needs it vegan. “2 tbsp honey” in dough breaks it: Honey is not vegan.')
    expect(show(BreachNote, { breaches: [] }).find('div').exists()).toBe(false)
  })
})

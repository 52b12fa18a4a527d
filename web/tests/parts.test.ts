import { afterEach, describe, expect, it, vi } from 'vitest'
import { shallowRef } from 'vue'
import BreachNote from '@/components/eaters/BreachNote.vue'
import EatersPanel from '@/components/eaters/EatersPanel.vue'
import NameField from '@/components/frame/NameField.vue'
import FlavourSettings from '@/components/parts/FlavourSettings.vue'
import PartsBar from '@/components/parts/PartsBar.vue'
import TakesEditor from '@/components/parts/TakesEditor.vue'
import type { PartsEdit } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import type { Draft } from '@/composables/useDraft'
import { useHistory } from '@/composables/useHistory'
import { notice } from '@/composables/useNotice'
import { takeText, useParts } from '@/composables/useParts'
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
/** Parts of a document in a draft that can be undone; the core answers with `answer` of what it was asked. */
function parts(answer: (asked: { document: FormulaDocument; edit: PartsEdit }) => object, status = 200) {
  const kept = shallowRef(layered())
  const history = useHistory(kept)
  const asked: { document: FormulaDocument; edit: PartsEdit }[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const body = JSON.parse(await request.text())
    asked.push(body)
    return new Response(JSON.stringify(answer(body)), { status, headers: { 'content-type': 'application/json' } })
  })
  const put = (label: string, next: FormulaDocument) => history.change(label, next)
  const expect = <T>(edit: Promise<T>) => edit
  const draft = { document: kept, put, expect, undo: () => history.undo() } as unknown as Draft
  return { kept, history, asked, ...useParts(draft) }
}
const called = (document: FormulaDocument, name: string): FormulaDocument => ({ ...document, name })
const without = (document: FormulaDocument, at: number): FormulaDocument => ({
  ...document,
  components: document.components.filter((_, row) => row !== at),
})

describe('what is taken', () => {
  it('is shown as it is typed: a share, grams or a measure', () => {
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
      [undefined, '30 g', 'caramel'],
      [0, ''],
    ])
  })
})

describe('parts', () => {
  it('are changed by the core, each change one step back, with the place of what came', async () => {
    const { kept, history, asked, add, take, shareFlavour } = parts(({ document, edit }) => ({
      formula: called(document, edit.kind),
      words: `doing ${edit.kind}`,
      ...(edit.kind === 'add_part' ? { place: { list: 'components', index: 3 } } : {}),
    }))
    expect(await add('filling')).toEqual({ list: 'components', index: 3, key: 'lines' })
    await take(1, undefined, '25 %', 'caramel')
    await shareFlavour(0, 33.3)
    expect(asked.map((each) => each.edit)).toEqual([
      { kind: 'add_part', type: 'filling' },
      { kind: 'take', at: 1, amount: '25 %', of: 'caramel' },
      { kind: 'share_flavour', at: 0, percent: 33.3 },
    ])
    expect(asked.map((each) => each.document.name)).toEqual(['Layered', 'add_part', 'take'])
    expect(history.state.value.undo.map((step) => step.label)).toEqual([
      'doing add_part',
      'doing take',
      'doing share_flavour',
    ])
    history.undo()
    expect(kept.value.name).toBe('take')
  })
  it('say what went with them, with the way back', async () => {
    const { kept, remove } = parts(({ document }) => ({
      formula: without(document, 0),
      words: 'out',
      said: 'It is out.',
    }))
    await remove(0)
    expect([kept.value.components.length, notice.value?.text]).toEqual([2, 'It is out.'])
    notice.value?.action?.run()
    expect(kept.value).toEqual(layered())
  })
  it('are changed again from what was typed meanwhile', async () => {
    const all = parts(({ document, edit }) => {
      if (document.name === 'Layered') all.kept.value = called(document, 'typed meanwhile')
      return { formula: { ...document, components: [{ name: edit.name!, lines: [] }] }, words: 'the name' }
    })
    expect(await all.rename(0, 'toffee')).toBe(true)
    expect([all.kept.value.name, all.kept.value.components[0]!.name]).toEqual(['typed meanwhile', 'toffee'])
  })
  it('are left alone where another took the place meanwhile', async () => {
    const { kept, asked, remove } = parts(({ document, edit }) => ({
      formula: without(document, edit.at!),
      words: 'out',
    }))
    await Promise.all([remove(0), remove(0)])
    expect([asked.length, kept.value.components.map((part) => part.name)]).toEqual([1, ['dough', 'shell']])
  })
  it('stay as they are where the core refuses, and the cook is told why', async () => {
    const problem = { type: '', title: '', status: 422, detail: 'x', errors: [{ pointer: '', detail: 'Type a name' }] }
    const { kept, rename, addFlavour } = parts(() => problem, 422)
    expect([await rename(0, ' '), await addFlavour()]).toEqual([false, undefined])
    expect([kept.value, notice.value?.text]).toEqual([layered(), 'Type a name'])
  })
})

describe('a name', () => {
  it('stays typed where it could not be taken, and shows what holds where it could', async () => {
    const rename = vi.fn().mockResolvedValueOnce(false).mockResolvedValueOnce(true)
    const field = show(NameField, { name: 'dough', label: 'Name', rename }).get('input')
    const typed = async (text: string) => {
      await field.setValue(text)
      await settle(20)
      return (field.element as HTMLInputElement).value
    }
    expect(await typed('caramel')).toBe('caramel')
    expect(await typed('caramel')).toBe('dough')
    expect(await typed('  ')).toBe('dough')
    expect(rename.mock.calls).toEqual([['caramel'], ['caramel']])
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
    const settings = show(FlavourSettings, {
      flavour: { name: 'nib', share: 0.5 },
      base: 'dough',
      way: 'lines',
      rename: vi.fn(),
    })
    const field = settings.get('input[type=number]')
    for (const typed of ['33.3', '0', '140', '']) {
      ;(field.element as HTMLInputElement).value = typed
      await field.trigger('change')
    }
    expect(settings.emitted('share')).toEqual([[33.3]])
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
    possible_allergens: ['soy'],
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
      'from the packs milk',
      'by what the words can mean soy',
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

import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref, shallowRef } from 'vue'
import type { AssessedLine, Balance, BalanceAnswer, Figures } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import AnswersTable from '@/components/balance/AnswersTable.vue'
import WishBar from '@/components/balance/WishBar.vue'
import ClashNote from '@/components/balance/ClashNote.vue'
import { figureRows } from '@/components/figures/figureRows'
import { useBalance } from '@/composables/useBalance'
import { useWishes } from '@/composables/useWishes'
import { serve, settle, show, streamed, TEXTURES } from './helpers'

afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})
const FORMULA: FormulaDocument = {
  elm_cup: 'formula/1',
  name: 'Bites',
  components: [{ name: 'dough', lines: [] }],
  wishes: ['texture=rolls'],
}
const FIGURES: Figures = {
  grams: 300,
  pieces: 16,
  kcal: 80.4,
  allergens: ['gluten'],
  diets: ['vegan', 'raw'],
  components: [{ name: 'dough', texture: 'presses', saturation: { value: 0.7, low: 0.6, high: 0.9 }, grease: 0.4 }],
}
function answer(changes: Partial<BalanceAnswer> = {}): BalanceAnswer {
  return {
    formula: { ...FORMULA, name: 'Tried' } as never,
    changes: [
      { kind: 'added', component: 'dough', text: '+1 tsp water', grams: 5, ingredient: 'water', now: '1 tsp water' },
    ],
    patch: [{ op: 'replace', path: '/name', value: 'Tried' }],
    before: FIGURES,
    after: FIGURES,
    come: { allergens: [], diets: [] },
    gone: { allergens: [], diets: [] },
    size: 0.16,
    proved_optimal: true,
    why: 'In comes water; no smaller change does it.',
    sums: [],
    ...changes,
  }
}
const balance = (answers: BalanceAnswer[]): Balance => ({
  elm_cup: 'balance/1',
  wishes: [],
  answers,
  clashes: [],
  notes: [],
})

/** A draft, a slip and wishes as far as Balance asks anything of them. */
function bench(wishes = ['texture=rolls']) {
  const document = shallowRef<FormulaDocument>({ ...FORMULA, wishes })
  const edit = vi.fn((_: string, make: (copy: FormulaDocument) => void) => {
    const copy = structuredClone(document.value)
    make(copy)
    document.value = copy
  })
  const draft = { document, edit, apply: vi.fn(() => true), undo: vi.fn(), expect: <T>(edit: Promise<T>) => edit }
  const slip = { tried: shallowRef<FormulaDocument>() }
  const said = useWishes(draft as never)
  const balancing = effectScope().run(() => useBalance(draft as never, slip as never, said))!
  return { draft, slip, said, balancing }
}

describe('useBalance', () => {
  it('shows the first that is found at once, then what is the least for sure', async () => {
    let thorough: (value: Balance) => void = () => {}
    const asked = streamed(() => [
      ['quick', balance([answer({ size: 0.3 })])],
      ['better', new Promise<Balance>((resolve) => (thorough = resolve))],
    ])
    const { balancing, slip } = bench()
    const done = balancing.ask()
    await vi.waitFor(() => expect(balancing.hurried.value).toBe(true))
    expect(balancing.balance.value?.answers.map((each) => each.size)).toEqual([0.3])
    balancing.tryOn(0)
    await settle()
    thorough(balance([answer({ formula: { ...FORMULA, name: 'Smaller' } as never }), answer({ size: 0.2 })]))
    await done
    expect([balancing.trying.value, slip.tried.value?.name]).toEqual([0, 'Smaller'])
    expect(balancing.balance.value?.answers.map((each) => each.size)).toEqual([0.16, 0.2])
    expect([balancing.running.value, balancing.hurried.value]).toEqual([false, false])
    expect(asked).toEqual([expect.stringMatching(/^POST \/api\/balance\/[\w-]{36}\/stream$/)])
  })

  it('keeps the first where the thorough search comes back with nothing', async () => {
    streamed(() => [
      ['quick', balance([answer()])],
      ['better', { ...balance([]), notes: ['Nothing was found.'] }],
    ])
    const { balancing } = bench()
    await balancing.ask()
    expect([balancing.balance.value?.answers.length, balancing.balance.value?.notes]).toEqual([
      1,
      ['Nothing was found.'],
    ])
  })

  it('asks nothing where nothing is wished', async () => {
    const asked = serve({})
    const { balancing } = bench([])
    await balancing.ask()
    expect(asked).toEqual([])
    expect(balancing.open.value).toBe(true)
  })

  it('is called off here and at the server, and keeps what stands', async () => {
    const wait = ref<(value: Balance) => void>()
    const asked = streamed(() => [
      ['quick', balance([answer()])],
      ['better', new Promise<Balance>((resolve) => (wait.value = resolve))],
    ])
    const { balancing } = bench()
    void balancing.ask()
    await vi.waitFor(() => expect(balancing.hurried.value).toBe(true))
    balancing.callOff()
    expect(balancing.running.value).toBe(false)
    wait.value!(balance([answer(), answer(), answer()]))
    await settle()
    expect(balancing.balance.value?.answers).toHaveLength(1)
    expect(asked.at(-1)).toMatch(/^DELETE \/api\/balance\/[\w-]{36}$/)
  })

  it('tries an answer on without keeping it, takes it as one edit, and says what went wrong', async () => {
    streamed(() => [['quick', balance([answer()])]])
    const { balancing, draft, slip } = bench()
    await balancing.ask()
    balancing.tryOn(0)
    expect(slip.tried.value?.name).toBe('Tried')
    expect(draft.apply).not.toHaveBeenCalled()
    balancing.tryOn(0)
    expect(slip.tried.value).toBeUndefined()
    balancing.tryOn(0)
    balancing.take(0)
    expect(draft.apply).toHaveBeenCalledWith('balancing: +1 tsp water', answer().patch)
    expect([slip.tried.value, balancing.open.value]).toEqual([undefined, false])
    vi.unstubAllGlobals()
    serve({})
    await balancing.ask()
    expect(balancing.error.value).toBe('There is nothing here')
    const problem = { errors: [{ pointer: '/wishes/0', code: 'x', detail: 'Not a wish' }], detail: '' }
    streamed(() => [['refused', problem]])
    await balancing.ask()
    expect([balancing.error.value, balancing.running.value]).toEqual(['wishes 1: Not a wish', false])
  })

  it('gives up answers once what they are about has changed', async () => {
    streamed(() => [['quick', balance([answer()])]])
    const { balancing, draft, slip } = bench()
    await balancing.ask()
    balancing.tryOn(0)
    draft.document.value = { ...draft.document.value, name: 'Other' }
    await settle(10)
    expect([balancing.balance.value, balancing.trying.value, slip.tried.value]).toEqual([
      undefined,
      undefined,
      undefined,
    ])
  })

  it('lets a wish give way, or go, and asks again', async () => {
    const asked = streamed(() => [['quick', balance([])]])
    const { balancing, draft } = bench(['kcal<=40', 'lock:tahini'])
    balancing.relax({ wish: 'kcal<=40', to: 52.1, becomes: 'kcal<=52.1', enough: true, words: '' })
    expect(draft.document.value.wishes).toEqual(['kcal<=52.1', 'lock:tahini'])
    balancing.relax({ wish: 'lock:tahini', enough: true, words: 'let “keep tahini” go' })
    expect(draft.document.value.wishes).toEqual(['kcal<=52.1'])
    await settle()
    expect(asked.length).toBeGreaterThan(0)
  })
})

describe('useWishes', () => {
  const OATS = { text: '1 cup rolled oats', ingredient: 'oats-rolled' } as AssessedLine

  it('keeps the wishes that the server makes of the words, one after the other', async () => {
    const bodies: { text: string; document: FormulaDocument; component?: string }[] = []
    serve({
      'POST /api/wish': (body) => {
        bodies.push(body as (typeof bodies)[0])
        const { text, document } = body as (typeof bodies)[0]
        return { wish: text, words: '', met: false, wishes: [...(document.wishes ?? []), text] }
      },
    })
    const { said } = bench([])
    await Promise.all([said.add('rolls'), said.add('vegan', 'dough')])
    expect(said.kept.value).toEqual(['rolls', 'vegan'])
    expect(bodies.map((body) => [body.text, body.component, body.document.wishes ?? []])).toEqual([
      ['rolls', undefined, []],
      ['vegan', 'dough', ['rolls']],
    ])
  })

  it('goes on after one that could not be read', async () => {
    serve({})
    const { said } = bench(['texture=rolls'])
    await expect(said.add('crunchy')).rejects.toThrow('There is nothing here')
    vi.unstubAllGlobals()
    serve({ 'POST /api/wish': () => ({ wish: 'diet=vegan', words: '', met: true, wishes: ['diet=vegan'] }) })
    await said.add('vegan')
    expect(said.kept.value).toEqual(['diet=vegan'])
  })

  it('locks a line of the part in hand, and lets go of all that keep it', async () => {
    const asked = serve({ 'POST /api/wish': () => ({ wish: '', words: '', met: true, wishes: ['a', 'b', 'c'] }) })
    const { said } = bench([])
    await said.toggleLock(OATS, 'dough')
    expect(asked).toHaveLength(1)
    expect(said.kept.value).toEqual(['a', 'b', 'c'])
    await said.toggleLock({ ...OATS, locked_by: ['a', 'c'] }, 'dough')
    expect(said.kept.value).toEqual(['b'])
    said.drop('b')
    expect(said.kept.value).toEqual([])
  })
})

describe('WishBar', () => {
  const library = { textures: TEXTURES, diets: ['vegan'], ingredients: [] }
  const bar = (kept: string[]) => {
    const { said } = bench(kept)
    const shown = show(WishBar, {
      kept: said.kept.value,
      add: said.add,
      onDrop: (wish: string) => said.drop(wish),
      library,
      assessment: {
        components: [],
        wishes: [{ wish: 'kcal<=90', words: 'at most 90 kcal a piece', now: '99 kcal', met: false }],
      },
    })
    return { said, shown }
  }

  it('says each wish with what is now, and as it is kept where it is not assessed yet', () => {
    const { shown } = bar(['kcal<=90', 'texture=rolls'])
    expect(shown.find('[data-wish="kcal<=90"]').text()).toContain('now 99 kcal')
    expect(shown.find('[data-wish="texture=rolls"]').text()).toContain('texture=rolls')
  })

  it('takes up what is typed before it balances, and does not balance what cannot be read', async () => {
    serve({ 'POST /api/wish': () => ({ wish: 'kcal<=80', words: '', met: false, wishes: ['kcal<=80'] }) })
    const { said, shown } = bar([])
    const button = () => shown.findAll('button').find((each) => each.text() === 'Balance')!
    expect(button().attributes('disabled')).toBeDefined()
    await shown.find('#wish').setValue('under 80 kcal')
    await button().trigger('click')
    await settle()
    expect([said.kept.value, shown.emitted('balance')?.length]).toEqual([['kcal<=80'], 1])
    vi.unstubAllGlobals()
    serve({})
    await shown.find('#wish').setValue('crunchy')
    await button().trigger('click')
    await settle()
    expect(shown.emitted('balance')).toHaveLength(1)
    expect(shown.find('#wish-fault').text()).toBe('There is nothing here')
  })

  it('drops a wish, and keeps what means nothing in the field, with the mend', async () => {
    serve({})
    const { said, shown } = bar(['kcal<=90', 'texture=rolls'])
    await shown.find('[aria-label="Drop the wish: at most 90 kcal a piece"]').trigger('click')
    expect([shown.emitted('drop'), said.kept.value]).toEqual([[['kcal<=90']], ['texture=rolls']])
    await shown.find('#wish').setValue('crunchy')
    await shown.find('form').trigger('submit')
    await settle()
    expect((shown.find('#wish').element as HTMLInputElement).value).toBe('crunchy')
    expect(shown.find('#wish-fault').text()).toBe('There is nothing here')
    expect(said.kept.value).toEqual(['texture=rolls'])
  })
})

describe('ClashNote', () => {
  it('offers what the cook can let, and only says what nobody wished', async () => {
    const relax = [
      { wish: 'kcal<=40', to: 52.1, becomes: 'kcal<=52.1', words: 'A gives way to B' },
      { wish: 'dough.texture=rolls', to: 'presses', becomes: 'dough.texture=presses', words: 'C gives way to D' },
      { wish: 'lock:tahini', words: 'let “keep tahini” go' },
    ]
    const shown = show(ClashNote, {
      wishes: ['kcal<=40', 'lock:tahini'],
      clash: { wishes: [], words: 'They cannot.', certain: true, relax },
    })
    expect(shown.findAll('button').map((each) => each.text())).toEqual(['A gives way to B', 'let “keep tahini” go'])
    await shown.findAll('button')[1]!.trigger('click')
    expect(shown.emitted('relax')).toEqual([[relax[2]]])
  })
})

describe('AnswersTable', () => {
  it('folds away what only goes with the size of the batch', () => {
    const sized = {
      kind: 'more',
      component: 'dough',
      text: '+22 g oats',
      grams: 22,
      ingredient: 'oats-rolled',
    } as const
    const oats = { ...sized, was: '1 cup oats', now: '1 1/4 cups oats', only_size: true }
    const both = answer({ times: 1.2727, changes: [oats, ...answer().changes] })
    const shown = show(AnswersTable, {
      answers: [both, answer(), answer({ times: 2, changes: [oats] })],
      hurried: false,
    })
    const [one, plain, size] = shown.element.querySelectorAll('.changes td:not(.quiet)')
    expect(one!.querySelector('details')!.open).toBe(false)
    expect(one!.querySelector('summary')!.textContent!.trim()).toBe('The batch × 1.27: 1 line')
    expect([...one!.querySelectorAll('details li')].map((li) => li.textContent)).toEqual(['1 1/4 cups oats'])
    expect(one!.querySelector('details + ul')!.textContent).toContain('+1 tsp water')
    expect(plain!.querySelector('details')).toBeNull()
    expect(size!.querySelector('details')!.open).toBe(true)
  })
})

describe('figureRows', () => {
  it('says every figure before and after, and of allergens and diets what comes and goes', () => {
    const after: Figures = {
      ...FIGURES,
      kcal: 70,
      allergens: ['gluten', 'soy'],
      diets: ['vegan'],
      components: [{ name: 'dough', texture: 'rolls' }],
    }
    const moved = { come: { allergens: ['soy'], diets: [] }, gone: { allergens: [], diets: ['raw'] } }
    const rows = Object.fromEntries(
      figureRows([answer({ after, ...moved }), answer()]).map((row) => [row.name, [row.before, ...row.after]]),
    )
    expect(rows['Texture']).toEqual(['presses, 0.70 (0.60–0.90)', 'rolls', 'presses, 0.70 (0.60–0.90)'])
    expect(rows['Energy']).toEqual(['80 kcal', '70 kcal', '80 kcal'])
    expect(rows['Allergens']).toEqual(['gluten', '+ soy', 'the same'])
    expect(rows['Diets']).toEqual(['vegan, raw', '− raw', 'the same'])
    expect(rows['Cost']).toBeUndefined()
    expect(figureRows([])).toEqual([])
  })
})

import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref, shallowRef } from 'vue'
import type { Balance, BalanceAnswer, Figures } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import WishBar from '@/components/mix/WishBar.vue'
import ClashNote from '@/components/mix/ClashNote.vue'
import { figureRows } from '@/components/mix/figureRows'
import { useBalance } from '@/composables/useBalance'
import { serve, settle, show, TEXTURES } from './helpers'

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

/** A draft and a slip as far as Balance asks anything of them. */
function bench(wishes = ['texture=rolls']) {
  const draft = { document: shallowRef({ ...FORMULA, wishes }), apply: vi.fn(() => true), undo: vi.fn() }
  const slip = {
    tried: shallowRef<FormulaDocument>(),
    setWishes: vi.fn((next: string[]) => (draft.document.value = { ...draft.document.value, wishes: next })),
  }
  const balancing = effectScope().run(() => useBalance(draft as never, slip as never))!
  return { draft, slip, balancing }
}

describe('useBalance', () => {
  it('shows the first that is found at once, then what is the least for sure', async () => {
    const bodies: unknown[] = []
    let thorough: (value: Balance) => void = () => {}
    vi.stubGlobal('fetch', async (request: Request) => {
      const body = JSON.parse(await request.text()) as { quick?: boolean }
      bodies.push(body.quick ?? 'ticket')
      const reply = body.quick
        ? balance([answer({ size: 0.3 })])
        : await new Promise<Balance>((resolve) => (thorough = resolve))
      return new Response(JSON.stringify(reply), { headers: { 'content-type': 'application/json' } })
    })
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
    expect(bodies).toEqual([true, 'ticket'])
  })

  it('keeps the first where the thorough search comes back with nothing', async () => {
    serve({
      'POST /api/balance': (body) =>
        (body as { quick?: boolean }).quick ? balance([answer()]) : { ...balance([]), notes: ['Nothing was found.'] },
    })
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
    const asked: string[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      asked.push(`${request.method} ${new URL(request.url).pathname}`)
      if (request.method === 'DELETE')
        return new Response(JSON.stringify({ called_off: true }), { headers: { 'content-type': 'application/json' } })
      const body = JSON.parse(await request.text()) as { quick?: boolean }
      const reply = body.quick ? balance([answer()]) : await new Promise<Balance>((resolve) => (wait.value = resolve))
      return new Response(JSON.stringify(reply), { headers: { 'content-type': 'application/json' } })
    })
    const { balancing } = bench()
    void balancing.ask()
    await vi.waitFor(() => expect(wait.value).toBeTruthy())
    balancing.callOff()
    expect(balancing.running.value).toBe(false)
    wait.value!(balance([answer(), answer(), answer()]))
    await settle()
    expect(balancing.balance.value?.answers).toHaveLength(1)
    expect(asked.at(-1)).toMatch(/^DELETE \/api\/balance\/[\w-]{36}$/)
  })

  it('tries an answer on without keeping it, takes it as one edit, and says what went wrong', async () => {
    serve({ 'POST /api/balance': () => balance([answer()]) })
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
  })

  it('gives up answers once what they are about has changed', async () => {
    serve({ 'POST /api/balance': () => balance([answer()]) })
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
    const asked = serve({ 'POST /api/balance': () => balance([]) })
    const { balancing, slip } = bench(['kcal<=40', 'lock:tahini'])
    balancing.relax({ wish: 'kcal<=40', to: 52.1, becomes: 'kcal<=52.1', enough: true, words: '' })
    expect(slip.setWishes).toHaveBeenLastCalledWith(['kcal<=52.1', 'lock:tahini'])
    balancing.relax({ wish: 'lock:tahini', enough: true, words: 'let “tahini stays” go' })
    expect(slip.setWishes).toHaveBeenLastCalledWith(['kcal<=52.1'])
    await settle()
    expect(asked.length).toBeGreaterThan(0)
  })
})

describe('WishBar', () => {
  const library = { textures: TEXTURES, diets: ['vegan'], ingredients: [] }
  const bar = (wishes: string[]) =>
    show(WishBar, {
      document: { ...FORMULA, wishes },
      library,
      assessment: {
        components: [],
        wishes: [{ wish: 'kcal<=90', words: 'at most 90 kcal a piece', now: '99 kcal', met: false }],
      },
    })

  it('says each wish with what is now, and as it is kept where it is not assessed yet', () => {
    const shown = bar(['kcal<=90', 'texture=rolls'])
    expect(shown.find('[data-wish="kcal<=90"]').text()).toContain('now 99 kcal')
    expect(shown.find('[data-wish="texture=rolls"]').text()).toContain('texture=rolls')
  })

  it('puts a new wish about the same figure in the place of the old, and leaves others', async () => {
    serve({ 'POST /api/wish': () => ({ wish: 'kcal<=80', words: '', met: false }) })
    const shown = bar(['kcal<=90', 'kcal>=10', 'dough.texture=rolls', 'lock:tahini', 'diet=vegan'])
    await shown.find('#wish').setValue('under 80 kcal')
    await shown.find('form').trigger('submit')
    await settle()
    expect(shown.emitted('wishes')).toEqual([
      [['kcal>=10', 'dough.texture=rolls', 'lock:tahini', 'diet=vegan', 'kcal<=80']],
    ])
  })

  it('lets diets, locks and what must go pile up, and one number of pieces stand', async () => {
    for (const [wish, expected] of [
      ['diet=raw', ['diet=vegan', 'pieces=24', 'diet=raw']],
      ['pieces=30', ['diet=vegan', 'pieces=30']],
      ['texture=tacky', ['diet=vegan', 'pieces=24', 'texture=tacky']],
    ] as const) {
      serve({ 'POST /api/wish': () => ({ wish, words: '', met: false }) })
      const shown = bar(['diet=vegan', 'pieces=24', ...(wish.startsWith('texture') ? ['texture=rolls'] : [])])
      await shown.find('#wish').setValue('x')
      await shown.find('form').trigger('submit')
      await settle()
      expect(shown.emitted('wishes')).toEqual([[expected]])
      shown.unmount()
    }
  })

  it('keeps what means nothing in the field, with the mend', async () => {
    serve({})
    const shown = bar([])
    await shown.find('#wish').setValue('crunchy')
    await shown.find('form').trigger('submit')
    await settle()
    expect((shown.find('#wish').element as HTMLInputElement).value).toBe('crunchy')
    expect(shown.find('#wish-fault').text()).toBe('There is nothing here')
    expect(shown.emitted('wishes')).toBeUndefined()
  })
})

describe('ClashNote', () => {
  it('offers what the cook can let, and only says what nobody wished', async () => {
    const relax = [
      { wish: 'kcal<=40', to: 52.1, becomes: 'kcal<=52.1', words: 'A gives way to B' },
      { wish: 'dough.texture=rolls', to: 'presses', becomes: 'dough.texture=presses', words: 'C gives way to D' },
      { wish: 'lock:tahini', words: 'let “tahini stays” go' },
    ]
    const shown = show(ClashNote, {
      wishes: ['kcal<=40', 'lock:tahini'],
      clash: { wishes: [], words: 'They cannot.', certain: true, relax },
    })
    expect(shown.findAll('button').map((each) => each.text())).toEqual(['A gives way to B', 'let “tahini stays” go'])
    await shown.findAll('button')[1]!.trigger('click')
    expect(shown.emitted('relax')).toEqual([[relax[2]]])
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
    const rows = Object.fromEntries(
      figureRows([after, { ...FIGURES }], FIGURES).map((row) => [row.name, [row.before, ...row.after]]),
    )
    expect(rows['Texture']).toEqual(['presses, 0.70 (0.60–0.90)', 'rolls', 'presses, 0.70 (0.60–0.90)'])
    expect(rows['Energy']).toEqual(['80 kcal', '70 kcal', '80 kcal'])
    expect(rows['Allergens']).toEqual(['gluten', '+ soy', 'the same'])
    expect(rows['Diets']).toEqual(['vegan, raw', '− raw', 'the same'])
    expect(rows['Cost']).toBeUndefined()
    expect(figureRows([after], undefined)).toEqual([])
  })
})

import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { Balance, Library } from '@/api/client'
import { useCupboard } from '@/composables/useCupboard'
import { serve, settle, SHAPES, TEXTURES } from './helpers'

vi.mock('vue-router', () => ({ useRouter: () => ({ push: vi.fn() }) }))
beforeEach(() => sessionStorage.clear())
afterEach(() => vi.unstubAllGlobals())

const NOTHING: Balance = { elm_cup: 'balance/1', wishes: [], answers: [], clashes: [], notes: [] }
const LIBRARY = {
  textures: TEXTURES,
  shapes: SHAPES,
  ingredients: [{ id: 'tahini', name: 'Tahini' }],
} as unknown as Library
/** A cupboard with tahini ticked; what it asked of the server. */
async function cupboard() {
  const bodies: unknown[] = []
  serve({
    'GET /api/settings/cupboard': () => ({ value: ['tahini'] }),
    'PUT /api/settings/cupboard': (body) => body,
    'POST /api/cupboard': (body) => {
      bodies.push(body)
      return NOTHING
    },
    'POST /api/wish': (body) => {
      const { text } = body as { text: string }
      const said = text.split(' and ').map((words) => ({ wish: `w:${words}`, words, met: false }))
      return { ...said[0], said, wishes: said.map((each) => each.wish) }
    },
  })
  const all = effectScope().run(() => useCupboard(ref(LIBRARY)))!
  await settle()
  return { bodies, ...all }
}

describe('useCupboard', () => {
  it('takes up a wish that is still being typed, and asks in words for pieces', async () => {
    const { bodies, words, pieces, grams, propose, wishes } = await cupboard()
    words.value = 'raw and vegan'
    pieces.value = '24'
    grams.value = { tahini: '120,5' }
    await propose()
    expect(wishes.value).toEqual([
      { wish: 'w:raw', words: 'raw' },
      { wish: 'w:vegan', words: 'vegan' },
    ])
    expect(bodies).toEqual([
      {
        elm_cup: 'cupboard/1',
        have: [{ ingredient: 'tahini', grams: 120.5 }],
        use_up: [],
        want: 'rolls',
        shape: { kind: 'ball', piece_grams: 18 },
        wishes: ['w:raw', 'w:vegan', '24 pieces'],
      },
    ])
  })

  it('asks nothing while a number is none, and names it', async () => {
    for (const [field, text, place] of [
      ['grams', 'some', 'Grams of tahini: “some”'],
      ['pieces', '-3', 'Pieces: “-3”'],
      ['pieceGrams', '0', 'Grams a piece: “0”'],
    ] as const) {
      sessionStorage.clear()
      const { bodies, error, propose, ...all } = await cupboard()
      if (field === 'grams') all.grams.value = { tahini: text }
      else all[field].value = text
      await propose()
      expect(error.value).toContain(place)
      expect(bodies).toEqual([])
    }
  })

  it('gives way as a clash says: a texture, a wish, a number of pieces', async () => {
    const { relax, want, wishes, pieces, words } = await cupboard()
    wishes.value = [{ wish: 'kcal<=40', words: 'at most 40 kcal' }]
    pieces.value = '40'
    relax({ wish: 'texture=rolls', to: 'tacky', becomes: 'texture=tacky', words: '', enough: true })
    await settle()
    expect([want.value, wishes.value.length, pieces.value]).toEqual(['tacky', 1, '40'])
    relax({ wish: 'kcal<=40', to: 50, becomes: 'kcal<=50', words: '', enough: true })
    await settle()
    expect(wishes.value.map((each) => each.wish)).toEqual(['w:kcal<=50'])
    relax({ wish: 'pieces=40', to: 30, becomes: 'pieces=30', words: '', enough: true })
    await settle()
    expect([pieces.value, words.value]).toEqual(['30', ''])
  })

  it('remembers what was said while the cook looks elsewhere, but not of what is no longer ticked', async () => {
    const first = await cupboard()
    first.mustGo('tahini', true)
    first.mustGo('gone', true)
    first.want.value = 'tacky'
    await settle()
    const again = await cupboard()
    expect([again.useUp.value, again.want.value]).toEqual([['tahini'], 'tacky'])
    sessionStorage.setItem('elm-cup:cupboard', 'no JSON')
    expect((await cupboard()).want.value).toBe('rolls')
  })
})

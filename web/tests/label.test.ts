import { afterEach, describe, expect, it, vi } from 'vitest'
import { ref, nextTick } from 'vue'
import type { Library, OwnIngredient } from '@/api/client'
import { ownId, useLabelForm } from '@/composables/useLabelForm'

afterEach(() => vi.unstubAllGlobals())

const library = { ingredients: [{ id: 'peanut-butter' }, { id: 'own-butter' }] } as unknown as Library
function form(given?: OwnIngredient) {
  const visible = ref(true)
  return { visible, ...useLabelForm(visible, () => ({ given, library })) }
}

describe('the label form', () => {
  it('gives every ingredient an id of its own, whatever letters its name has', () => {
    expect(ownId('Butter', ['own-butter', 'own-butter-2'])).toBe('own-butter-3')
    expect(ownId('Crème  brûlée, 70 %', [])).toBe('own-creme-brulee-70')
    expect(ownId('масло', [])).toBe('own-ingredient')
    expect(ownId('масло', ['own-ingredient'])).toBe('own-ingredient-2')
    expect(ownId(`${'a'.repeat(49)} b`, [])).toBe(`own-${'a'.repeat(49)}`)
  })
  it('says what was typed and leaves out what was not', async () => {
    const { typed, said } = form()
    Object.assign(typed.value, { name: ' Butter ', startsFrom: 'peanut-butter', pack: '340', price: '3,40' })
    typed.value.figures.fat_g = '46'
    await nextTick()
    expect(said.value).toEqual({
      id: 'own-butter-2',
      name: 'Butter',
      starts_from: 'peanut-butter',
      label: { basis: '100g', rule: 'eu', fat_g: 46 },
      price: 3.4,
      pack_grams: 340,
    })
  })
  it('keeps the id and the names of what is changed', () => {
    const given = { id: 'peanut-butter', names: ['pb'], label: { basis: 'serving', serving_g: 32, fat_g: 16 } }
    const { typed, said } = form(given as OwnIngredient)
    expect(typed.value).toMatchObject({ startsFrom: 'peanut-butter', serving: '32', figures: { fat_g: '16' } })
    expect(said.value).toMatchObject({ ...given, label: { ...given.label, rule: 'eu' } })
    expect(said.value).not.toHaveProperty('starts_from')
  })
  it('asks for a check once there is enough, and says at once what is not a number', async () => {
    vi.useFakeTimers()
    const asked = vi.fn(() => Promise.resolve(Response.json({ notes: ['Natural'] })))
    vi.stubGlobal('fetch', asked)
    const { typed, error, answer } = form()
    typed.value.startsFrom = 'peanut-butter'
    typed.value.figures = { fat_g: '46', carbohydrate_g: '15' }
    await vi.advanceTimersByTimeAsync(300)
    expect(asked).not.toHaveBeenCalled()
    typed.value.figures.protein_g = '27'
    await vi.advanceTimersByTimeAsync(300)
    expect(asked).toHaveBeenCalledOnce()
    expect(answer.value).toEqual({ notes: ['Natural'] })
    typed.value.figures.protein_g = 'lots'
    await nextTick()
    expect(error.value).toBe('“lots” is not a number.')
    expect(answer.value).toBeUndefined()
    vi.useRealTimers()
  })
})

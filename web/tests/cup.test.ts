import { describe, expect, it } from 'vitest'
import { RIM, levelWords, strata, zones } from '@/drawings/cupGeometry'

describe('the strata of the Cup', () => {
  it('sum to the saturation, with what oil masks above', () => {
    const split = { water: 9, syrup: 12, pulp: 51, fat: 40, masked: -28 }
    const layers = strata(split, 90)
    const level = (9 + 12 + 51 + 40 - 28) / 90
    expect(layers.filter((layer) => layer.kind !== 'masked').at(-1)!.to).toBeCloseTo(level)
    const masked = layers.find((layer) => layer.kind === 'masked')!
    expect(masked.from).toBeCloseTo(level)
    expect(masked.to - masked.from).toBeCloseTo(28 / 90)
    layers.slice(1).forEach((layer, index) => expect(layer.from).toBeCloseTo(layers[index]!.to))
  })
  it('leave out what is not there, and draw nothing without a dry side', () => {
    expect(strata({ water: 0, syrup: 5, pulp: 0, fat: 0, masked: 0 }, 10).map((layer) => layer.kind)).toEqual(['syrup'])
    expect(strata({ water: 5, syrup: 5, pulp: 0, fat: 0 }, 0)).toEqual([])
  })
})

describe('the wall', () => {
  it('is parted from foot to rim', () => {
    const parts = zones([0.46, 0.62, 0.82, 1.09, 1.45, 1.93])
    expect(parts).toHaveLength(7)
    expect(parts[0]!.from).toBe(0)
    expect(parts[6]!.to).toBe(RIM)
  })
  it('has words for those who do not see it', () => {
    expect(levelWords({ value: 0.93, low: 0.79, high: 1.09 }, 'rolls')).toContain('stands at 0.93')
    expect(levelWords(undefined, undefined)).toContain('not judged')
  })
})

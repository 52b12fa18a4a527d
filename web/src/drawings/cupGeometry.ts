import type { Saturation, Split } from '@/api/client'

/** The wall's scale: saturation 0 at the foot, RIM at the rim. */
export const RIM = 2.2
/** The wall in the units of the drawing: its rim and foot, its sides at the rim, and how far each leans in towards the foot. */
export const TOP = 34
export const FOOT = 334
export const LEFT = 46
export const RIGHT = 214
export const LEAN = 20
export const y = (value: number) => FOOT - (Math.min(value, RIM) / RIM) * (FOOT - TOP)
export const xLeft = (at: number) => LEFT + (LEAN * (at - TOP)) / (FOOT - TOP)
export const xRight = (at: number) => RIGHT - (LEAN * (at - TOP)) / (FOOT - TOP)
/** The corners of what stands between two values of the scale. */
export function slab(from: number, to: number) {
  const [low, high] = [y(from), y(to)]
  return `${xLeft(high)},${high} ${xRight(high)},${high} ${xRight(low)},${low} ${xLeft(low)},${low}`
}
export const BINDERS = ['water', 'syrup', 'pulp', 'fat'] as const
export type Binder = (typeof BINDERS)[number]

export interface Stratum {
  kind: Binder | 'masked'
  from: number
  to: number
}

/**
 * The strata of the cup on the wall's scale, from the foot up. Their sum is the saturation: what oil masks is taken
 * from the pulp and stands hatched above the level.
 */
export function strata(split: Split, demandMl: number): Stratum[] {
  if (demandMl <= 0) return []
  const masked = -(split.masked ?? 0)
  const counted: Record<Binder, number> = { ...split, pulp: split.pulp - masked }
  const layers: Stratum[] = []
  let at = 0
  for (const kind of BINDERS) {
    const to = at + counted[kind] / demandMl
    if (to > at) layers.push({ kind, from: at, to })
    at = to
  }
  if (masked > 0) layers.push({ kind: 'masked', from: at, to: at + masked / demandMl })
  return layers
}

/** Where the seven textures begin and end on the wall, the last up to the rim. */
export function zones(edges: readonly number[]): { from: number; to: number }[] {
  const all = [0, ...edges, RIM]
  return all.slice(0, -1).map((from, index) => ({ from, to: all[index + 1]! }))
}

/** The level for a screen reader. */
export function levelWords(saturation: Saturation | undefined, texture: string | undefined): string {
  if (!saturation) return 'The cup is not judged yet.'
  const { value, low, high } = saturation
  return `The binder stands at ${value.toFixed(2)} of what the dry side takes, between ${low.toFixed(2)} and ${high.toFixed(2)} in two bowls of three; it ${texture ?? ''}.`
}

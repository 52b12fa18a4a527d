/** Where the minutes of a plan lie across: visits to the kitchen at full width, long stretches without a hand's turn folded to a gap. */
export interface Stretch {
  from: number
  to: number
}
export interface DayScale {
  width: number
  /** Pixels of a minute; minutes count from 1970. */
  x: (minute: number) => number
  /** The minute at a place. */
  minute: (x: number) => number
  /** Folded stretches. */
  gaps: (Stretch & { x: number; width: number })[]
  /** Minutes that the axis names. */
  ticks: number[]
}
const PAD = 12
/** Minutes from which a stretch without work is folded, and how wide it is then. */
const FOLDED_FROM = 75
const KEPT_ASIDE = 10
const GAP = 54
/** A turn of five minutes can still be pressed. */
const LEAST_PER_MINUTE = 2.4
const MOST_PER_MINUTE = 14

/** work: stretches in which something is done, in any order; room: pixels there are. */
export function dayScale(work: Stretch[], room: number): DayScale {
  const open = opened(work)
  const inside = open.reduce((sum, { from, to }) => sum + to - from, 0)
  const per = Math.min(Math.max((room - 2 * PAD - GAP * (open.length - 1)) / inside, LEAST_PER_MINUTE), MOST_PER_MINUTE)
  const pieces: (Stretch & { x: number; per: number })[] = []
  const gaps: DayScale['gaps'] = []
  let x = PAD
  open.forEach(({ from, to }, at) => {
    pieces.push({ from, to, x, per })
    x += (to - from) * per
    const next = open[at + 1]
    if (!next) return
    gaps.push({ from: to, to: next.from, x, width: GAP })
    pieces.push({ from: to, to: next.from, x, per: GAP / (next.from - to) })
    x += GAP
  })
  const first = pieces[0]!
  const last = pieces.at(-1)!
  const within = (minute: number) => pieces.find((piece) => minute <= piece.to) ?? last
  return {
    width: x + PAD,
    x: (minute) => {
      const piece = minute < first.from ? first : within(minute)
      return piece.x + (minute - piece.from) * piece.per
    },
    minute: (at) => {
      const piece = pieces.findLast((each) => at >= each.x) ?? first
      return Math.round(piece.from + (at - piece.x) / piece.per)
    },
    gaps,
    ticks: open.flatMap((stretch) => ticksOf(stretch, per)),
  }
}
/** Stretches that are drawn at full width. */
function opened(work: Stretch[]): Stretch[] {
  const sorted = [...work].sort((one, other) => one.from - other.from)
  const open: Stretch[] = []
  for (const { from, to } of sorted) {
    const last = open.at(-1)
    if (last && from - last.to < FOLDED_FROM) last.to = Math.max(last.to, to)
    else open.push({ from, to })
  }
  return open.map(({ from, to }) => ({ from: from - KEPT_ASIDE, to: to + KEPT_ASIDE }))
}
function ticksOf({ from, to }: Stretch, per: number): number[] {
  const every = [5, 10, 15, 30, 60].find((each) => each * per >= 56) ?? 120
  const first = Math.ceil(from / every) * every
  return Array.from({ length: Math.max(Math.floor((to - first) / every) + 1, 0) }, (_, at) => first + at * every)
}
/** ISO 8601 as minutes from 1970. */
export const minuteOf = (iso: string) => Math.floor(Date.parse(iso) / 60_000)

import { describe, expect, it } from 'vitest'
import { dayScale, minuteOf } from '@/drawings/dayScale'
import { clockIn, duration, minutes, wallIn } from '@/format'

describe('the scale of the day-line', () => {
  const work = [
    { from: 1000, to: 1060 },
    { from: 1070, to: 1100 },
    { from: 1700, to: 1730 },
  ]
  const scale = dayScale(work, 900)

  it('goes there and back, and never backwards', () => {
    const all = Array.from({ length: 760 }, (_, at) => 985 + at)
    const places = all.map(scale.x)
    expect(places.every((x, at) => at === 0 || x >= places[at - 1]!)).toBe(true)
    work.flatMap(({ from, to }) => [from, to]).forEach((minute) => expect(scale.minute(scale.x(minute))).toBe(minute))
  })
  it('folds a long stretch without work, and keeps a short one', () => {
    expect(scale.gaps.map(({ from, to }) => [from, to])).toEqual([[1110, 1690]])
    expect(scale.x(1690) - scale.x(1110)).toBeCloseTo(scale.gaps[0]!.width)
    expect(scale.x(1070) - scale.x(1060)).toBeCloseTo((scale.x(1010) - scale.x(1000)) * 1)
  })
  it('names minutes within what is drawn at full width', () => {
    expect(scale.ticks.length).toBeGreaterThan(2)
    expect(scale.ticks.every((tick) => tick <= 1110 || tick >= 1690)).toBe(true)
  })
  it('stays readable where there is no room, and does not stretch one short turn over all of it', () => {
    const narrow = dayScale(work, 200)
    expect(narrow.x(1005) - narrow.x(1000)).toBeGreaterThanOrEqual(12)
    expect(dayScale([{ from: 0, to: 5 }], 2000).width).toBeLessThan(400)
  })
})

describe('minutes in words', () => {
  it('says them as a cook does', () => {
    expect([5, 60, 75, 600].map(duration)).toEqual(['5 min', '1 h', '1 h 15', '10 h'])
    expect([minutes([10, 15]), minutes([12, 12])]).toEqual(['10 to 15 min', '12 min'])
  })
  it('shows the clock on the wall of a zone, through a change of it', () => {
    const night = minuteOf('2026-03-29T00:30:00Z')
    expect([clockIn(night, 'Europe/Berlin'), clockIn(night + 60, 'Europe/Berlin')]).toEqual(['01:30', '03:30'])
    expect(wallIn(night, 'Europe/Berlin')).toBe('2026-03-29T01:30')
  })
})

import type { Plan, PlanTask, PlanWait } from '@/api/client'
import { words } from '@/format'
import { minuteOf, type DayScale } from './dayScale'

/** The rows of the day-line: for the hands and for each thing and place that is used, with bars beside each other where several go on. */
export interface Bar {
  key: string
  x: number
  width: number
  /** How far down in its row it lies, from 0. */
  lane: number
}
export interface DayRow {
  id: string
  name: string
  capacity: number
  closed: Plan['rows'][number]['closed']
  used: (Bar & { task: PlanTask })[]
  waits: (Bar & { wait: PlanWait; enough: number })[]
  /** Pixels of a lane, and of all of them. */
  high: number
  height: number
}
export const HANDS_ROW = 64
const ROW = 34
const NAMES: Record<string, string> = {
  hands: 'Hands',
  melt: 'Melting bowl',
  hob: 'Hob',
  oven: 'Oven',
  processor: 'Processor',
  freezer: 'Freezer',
  fridge: 'Fridge',
}

export function dayRows(plan: Plan, scale: DayScale): DayRow[] {
  const hands = (plan.tasks ?? []).filter((task) => task.kind === 'hands')
  const bar = (key: string, start: string, end: string, lane: number): Bar => {
    const x = scale.x(minuteOf(start))
    return { key, x, width: Math.max(scale.x(minuteOf(end)) - x, 2), lane }
  }
  return plan.rows.map((row) => {
    const used = laned(hands.filter((task) => task.uses.includes(row.id))).map(({ item, lane }) => ({
      task: item,
      ...bar(item.id, item.start, item.end, lane),
    }))
    const kept = (plan.waits ?? []).filter((wait) => wait.place === row.id && wait.end > wait.start)
    const waits = laned(kept, (wait) => wait.slots ?? 1).map(({ item, lane }, at) => ({
      wait: item,
      enough: scale.x(minuteOf(item.enough)) - scale.x(minuteOf(item.start)),
      ...bar(`${item.from}>${item.to}:${at}`, item.start, item.end, lane),
    }))
    const lanes = Math.max(1, ...[...used, ...waits].map(({ lane }) => lane + 1))
    const high = row.id === 'hands' ? HANDS_ROW : ROW
    return { ...row, name: NAMES[row.id] ?? words(row.id), used, waits, high, height: lanes * high }
  })
}
/** Each item with its lane, as often as it takes a place. */
function laned<T extends { start: string; end: string }>(items: T[], count: (item: T) => number = () => 1) {
  const ends: number[] = []
  return [...items]
    .sort((one, other) => minuteOf(one.start) - minuteOf(other.start))
    .flatMap((item) =>
      Array.from({ length: count(item) }, () => {
        const free = ends.findIndex((end) => end <= minuteOf(item.start))
        const lane = free < 0 ? ends.length : free
        ends[lane] = minuteOf(item.end)
        return { item, lane }
      }),
    )
}

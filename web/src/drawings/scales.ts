/** Where a value stands between two ends of a drawing. */
export const scale = (low: number, high: number, from: number, to: number) => (value: number) =>
  from + ((value - low) / (high - low)) * (to - from)
/** Points as the path of a line. */
export const line = (points: readonly (readonly [number, number])[]) =>
  points.map(([x, y], at) => `${at ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join(' ')
/** There and back along another line: the path of a band. */
export const band = (one: readonly (readonly [number, number])[], other: readonly (readonly [number, number])[]) =>
  `${line(one)} ${line([...other].reverse()).replace('M', 'L')} Z`
/** Steps for an axis that ends at `high`: not more than `most` of them, at figures that a cook would say. */
export function steps(high: number, most = 7): number[] {
  const every = [5, 10, 15, 20, 30, 60, 120, 240].find((each) => high / each <= most) ?? 480
  return Array.from({ length: Math.floor(high / every) + 1 }, (_, at) => at * every)
}
/** Line styles that tell several lines apart without colour. */
export const DASHES = ['none', '9 5', '2 4', '12 4 2 4', '5 3 1 3']
/** −18 with a minus as it is printed. */
export const degrees = (celsius: number) => `${Math.round(celsius)}`.replace('-', '−')

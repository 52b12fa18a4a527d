<script setup lang="ts">
/** The middle of a piece against time, in the freezer and in the fridge: when it is ready, and what cooks give it. */
import { computed } from 'vue'
import type { ColdCard, ChillStep } from '@/api/client'
import { useNarrow } from '@/composables/useNarrow'
import { band, degrees, line, scale, steps } from './scales'

const props = defineProps<{ curves: ColdCard['curves']; step: ChillStep; places: ColdCard['places'] }>()

const narrow = useNarrow()
const width = computed(() => (narrow.value ? 400 : 640))
const LEFT = 46
const RIGHT = 104
const TOP = 12
const FLOOR = 214
const ROW = 17
const WORDS: Record<string, string> = { dip: 'dip', cut: 'cut', snap: 'snap', spoon: 'set' }
const FEWEST_MINUTES = 30
const LONGEST = 180

const ready = computed(() =>
  (['freezer', 'fridge'] as const).map((place) => ({
    place,
    at: props.step[place].ready,
    practice: props.step[place].practice,
  })),
)
/** What is likely to be waited for stands in full, with a little after it. */
const most = computed(() => {
  const ends = ready.value.flatMap(({ at, practice }) => [at?.[1], practice?.[1]]).filter((each) => each !== undefined)
  return ends.length ? Math.max(FEWEST_MINUTES, ...ends) * 1.15 : LONGEST
})
const x = computed(() => scale(0, most.value, LEFT, width.value - RIGHT))
const range = computed(() => {
  const seen = props.curves.flatMap((curve) => [...curve.celsius, ...curve.low, ...curve.high])
  return [Math.min(...seen, -5) - 2, Math.max(...seen, 10) + 2] as const
})
const y = computed(() => scale(range.value[0], range.value[1], FLOOR, TOP))
const marks = computed(() =>
  [-30, -20, -10, 0, 10, 20, 30, 40].filter((each) => each > range.value[0] && each < range.value[1]),
)
const drawn = computed(() =>
  props.curves.map((curve) => {
    const cut = (values: number[]) => {
      const points = curve.minutes.map((minute, at) => [minute, values[at]!] as const)
      const end = points.findIndex(([minute]) => minute > most.value)
      if (end < 1) return points
      const [m0, c0] = points[end - 1]!
      const [m1, c1] = points[end]!
      return [...points.slice(0, end), [most.value, c0 + ((c1 - c0) * (most.value - m0)) / (m1 - m0)] as const]
    }
    const place = (values: number[]) =>
      cut(values).map(([minute, celsius]) => [x.value(minute), y.value(celsius)] as const)
    const middle = place(curve.celsius)
    return {
      place: curve.place,
      path: line(middle),
      soft: band(place(curve.low), place(curve.high)),
      end: middle.at(-1)!,
    }
  }),
)
/** Two names at the right end never lie on each other. */
const names = computed(() => {
  const sorted = [...drawn.value].sort((one, other) => one.end[1] - other.end[1])
  return sorted.map((each, at) => ({
    place: each.place,
    y: at && each.end[1] - sorted[at - 1]!.end[1] < 16 ? sorted[at - 1]!.end[1] + 16 : each.end[1],
  }))
})
const air = (kind: string) => degrees(props.places.find((each) => each.kind === kind)?.celsius ?? 0)
const rows = computed(() => [
  ...ready.value.filter(({ at }) => at).map(({ place, at }) => ({ word: place, at: at!, kind: place })),
  ...ready.value
    .filter(({ practice }) => practice)
    .map(({ place, practice }) => ({ word: `cooks, ${place}`, at: practice!, kind: 'practice' as const })),
])
const height = computed(() => FLOOR + 34 + rows.value.length * ROW + 4)
const heard = computed(() =>
  ready.value
    .map(({ place, at, practice }) =>
      [
        at
          ? `${place}: ready to ${WORDS[props.step.touch]} after ${at[0]} to ${at[1]} minutes`
          : `${place}: ${props.step[place].why}`,
        practice && `cooks give ${practice[0]} to ${practice[1]}`,
      ]
        .filter(Boolean)
        .join('; '),
    )
    .join('. '),
)
/** One figure is a mark, two are a bracket. */
const bracket = (at: number[]) =>
  at[0] === at[1] ? `M${x.value(at[0]!)} 0v10` : `M${x.value(at[0]!)} 0v10M${x.value(at[0]!)} 5h${wide(at)}m0 -5v10`
const wide = (at: number[]) => Math.max(x.value(at[1]!) - x.value(at[0]!), 3)
</script>

<template>
  <figure class="chill" data-chill>
    <svg :viewBox="`0 0 ${width} ${height}`" role="img" :aria-label="heard">
      <defs>
        <pattern id="fridge-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" class="hatch" />
        </pattern>
      </defs>
      <template v-for="{ place, at } in ready" :key="place">
        <rect v-if="at" :x="x(at[0]!)" :y="TOP" :width="wide(at)" :height="FLOOR - TOP" :class="['window', place]" />
      </template>
      <g v-for="mark in marks" :key="mark">
        <line :x1="LEFT" :x2="width - RIGHT" :y1="y(mark)" :y2="y(mark)" class="grid" :class="{ zero: mark === 0 }" />
        <text :x="LEFT - 8" :y="y(mark) + 4" class="figure end">{{ degrees(mark) }}</text>
      </g>
      <text :x="4" :y="TOP + 6" class="unit">°C</text>
      <g v-for="each in drawn" :key="each.place">
        <path :d="each.soft" :class="['soft', each.place]" />
        <path :d="each.path" :class="['line', each.place]" />
      </g>
      <text v-for="name in names" :key="name.place" :x="width - RIGHT + 8" :y="name.y + 4" class="name">
        {{ name.place }} {{ air(name.place) }} °C
      </text>
      <template v-for="({ place, at }, index) in ready" :key="`${place} word`">
        <text v-if="at" :x="x(at[0]!) + 4" :y="TOP + 14 + 15 * index" class="word">
          {{ WORDS[step.touch] }}, {{ place }}
        </text>
      </template>
      <line :x1="LEFT" :x2="width - RIGHT" :y1="FLOOR" :y2="FLOOR" class="axis" />
      <g v-for="minute in steps(most, narrow ? 4 : 7)" :key="minute">
        <line :x1="x(minute)" :x2="x(minute)" :y1="FLOOR" :y2="FLOOR + 5" class="axis" />
        <text :x="x(minute)" :y="FLOOR + 19" class="figure middle">{{ minute }}</text>
      </g>
      <text :x="LEFT - 12" :y="FLOOR + 19" class="end">min</text>
      <g v-for="(row, index) in rows" :key="row.word" :transform="`translate(0 ${FLOOR + 34 + index * ROW})`">
        <rect
          v-if="row.kind !== 'practice'"
          :x="x(row.at[0]!)"
          y="1"
          :width="wide(row.at)"
          height="9"
          :class="['bar', row.kind]"
        />
        <path v-else :d="bracket(row.at)" class="bracket" />
        <text :x="x(row.at[0]!) + wide(row.at) + 8" y="10" class="word">
          {{ row.word }} {{ row.at[0] === row.at[1] ? row.at[0] : `${row.at[0]} to ${row.at[1]}` }}
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.chill {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
}
text {
  font-size: 12px;
  fill: var(--husk);
}
.word,
.name {
  fill: var(--cocoa);
}
.end {
  text-anchor: end;
}
.middle {
  text-anchor: middle;
}
.grid {
  stroke: var(--bran);
}
.zero,
.axis {
  stroke: var(--husk);
}
.line {
  fill: none;
  stroke: var(--frost);
  stroke-width: 2.5;
}
.line.fridge {
  stroke-dasharray: 9 5;
}
.soft {
  fill: var(--frost);
  opacity: 0.13;
}
.window {
  fill: var(--elm);
  opacity: 0.13;
}
.window.fridge {
  fill: url('#fridge-hatch');
  opacity: 0.45;
}
.hatch {
  stroke: var(--elm);
  stroke-width: 1.5;
}
.bar {
  fill: var(--elm);
}
.bar.fridge {
  fill: url('#fridge-hatch');
  stroke: var(--elm);
}
.bracket {
  fill: none;
  stroke: var(--date);
  stroke-width: 1.75;
}
</style>

<script setup lang="ts">
/** How firm each part is from the freezer to a hot car, and the places it meets. */
import { computed } from 'vue'
import type { ColdCard } from '@/api/client'
import type { DocumentStretch } from '@/api/document'
import { useNarrow } from '@/composables/useNarrow'
import { band, DASHES, degrees, line, scale } from './scales'

const props = defineProps<{
  parts: ColdCard['parts']
  hold: ColdCard['hold']
  places: ColdCard['places']
  holdsTo?: number
  failsFirst: string
  journey: DocumentStretch[]
}>()

const narrow = useNarrow()
const width = computed(() => (narrow.value ? 400 : 640))
const HEIGHT = 326
const LEFT = 84
const RIGHT = 16
const TOP = 70
const FLOOR = 296
const COLDEST = -20
const WARMEST = 42
const SOFTEST = 0.15
const FIRMEST = 5000
/** K that decide near a line, up and down. */
const GIVE = 2
/** What a firmness means, softest first. */
const GRADES = [
  { word: 'slumps', from: SOFTEST },
  { word: 'soft', from: 1.5 },
  { word: 'cuts clean', from: 12 },
  { word: 'firm', from: 20 },
  { word: 'snaps', from: 100 },
]
const BAG_C = 27
const CAR_C = 40
/** K between two marks whose words have room beside each other. */
const NEAR = 5.8

const x = computed(() => scale(COLDEST, WARMEST, LEFT, width.value - RIGHT))
const log = scale(Math.log10(SOFTEST), Math.log10(FIRMEST), FLOOR, TOP)
const y = (kpa: number) => log(Math.log10(Math.min(Math.max(kpa, SOFTEST), FIRMEST)))
const grades = computed(() =>
  GRADES.map((grade, at) => ({ ...grade, top: y(GRADES[at + 1]?.from ?? FIRMEST), bottom: y(grade.from) })),
)
const lines = computed(() =>
  props.parts.map((part, at) => {
    const points = props.hold.filter((each) => each.component === part.component)
    return {
      name: part.component,
      dash: DASHES[at % DASHES.length],
      soft: band(
        points.map((each) => [x.value(each.celsius - GIVE), y(each.kpa)] as const),
        points.map((each) => [x.value(each.celsius + GIVE), y(each.kpa)] as const),
      ),
      path: line(points.map((each) => [x.value(each.celsius), y(each.kpa)] as const)),
    }
  }),
)
/** Places by how warm they are; those too near each other stand on two rows. */
const marks = computed(() => {
  const all = [
    ...props.places.map((place) => ({ word: place.kind, celsius: place.celsius, trip: false })),
    { word: 'bag', celsius: BAG_C, trip: false },
    { word: 'hot car', celsius: CAR_C, trip: false },
    ...props.journey.map((stretch) => ({ word: `${stretch.minutes} min`, celsius: stretch.celsius, trip: true })),
  ].sort((one, other) => one.celsius - other.celsius)
  const rows: number[] = []
  return all.map((mark) => {
    const row =
      [0, 1, 2, 3].find(
        (each) => rows[each] === undefined || mark.celsius - rows[each]! > (narrow.value ? 2 : 1) * NEAR,
      ) ?? 3
    rows[row] = mark.celsius
    return { ...mark, row, at: Math.min(Math.max(mark.celsius, COLDEST), WARMEST) }
  })
})
const heard = computed(
  () =>
    props.parts
      .map(
        (part) =>
          `${part.component} ${part.holds_to_c === undefined ? 'does not hold' : `holds to ${part.holds_to_c} °C`}`,
      )
      .join('; ') + `. ${props.failsFirst} gives way first.`,
)
</script>

<template>
  <figure class="hold" data-hold>
    <svg :viewBox="`0 0 ${width} ${HEIGHT}`" role="img" :aria-label="heard">
      <g v-for="(grade, at) in grades" :key="grade.word">
        <rect
          :x="LEFT"
          :y="grade.top"
          :width="width - RIGHT - LEFT"
          :height="grade.bottom - grade.top"
          :class="{ even: at % 2 }"
          class="zone"
        />
        <text :x="LEFT - 8" :y="(grade.top + grade.bottom) / 2 + 4" class="end word">{{ grade.word }}</text>
      </g>
      <line
        v-for="(mark, index) in marks"
        :key="index"
        :x1="x(mark.at)"
        :x2="x(mark.at)"
        :y1="TOP - 52 + mark.row * 15 + 3"
        :y2="FLOOR"
        :class="['place', { trip: mark.trip }]"
      />
      <text
        v-for="(mark, index) in marks"
        :key="index"
        :x="x(mark.at) + 5"
        :y="TOP - 56 + mark.row * 15 + 10"
        class="mark"
        :class="{ left: mark.at > 36 }"
      >
        {{ mark.word }} {{ degrees(mark.celsius) }}
      </text>
      <path v-for="each in lines" :key="`${each.name} soft`" :d="each.soft" class="soft" />
      <path v-for="each in lines" :key="each.name" :d="each.path" class="line" :stroke-dasharray="each.dash" />
      <g v-if="holdsTo !== undefined && holdsTo < WARMEST - 2">
        <line :x1="x(holdsTo)" :x2="x(holdsTo)" :y1="TOP" :y2="FLOOR" class="holds" />
        <text :x="x(holdsTo) - 5" :y="FLOOR - 8" class="end holds-word">holds to {{ degrees(holdsTo) }} °C</text>
      </g>
      <line :x1="LEFT" :x2="width - RIGHT" :y1="FLOOR" :y2="FLOOR" class="axis" />
      <g v-for="mark in [-18, -10, 0, 10, 20, 30, 40]" :key="mark">
        <line :x1="x(mark)" :x2="x(mark)" :y1="FLOOR" :y2="FLOOR + 5" class="axis" />
        <text :x="x(mark)" :y="FLOOR + 19" class="middle">{{ degrees(mark) }}</text>
      </g>
      <text :x="LEFT - 8" :y="FLOOR + 19" class="end">°C</text>
    </svg>
    <ul class="legend">
      <li v-for="each in lines" :key="each.name">
        <svg viewBox="0 0 34 8" aria-hidden="true" class="key">
          <path d="M0 4h34" class="line" :stroke-dasharray="each.dash" />
        </svg>
        {{ each.name }}
      </li>
    </ul>
  </figure>
</template>

<style scoped>
.hold {
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
.word {
  fill: var(--cocoa);
}
.end {
  text-anchor: end;
}
.middle {
  text-anchor: middle;
}
/* Clear of the lines of other places that pass by. */
.mark {
  paint-order: stroke;
  stroke: var(--oat);
  stroke-width: 5px;
}
.mark.left {
  text-anchor: end;
  transform: translateX(-10px);
}
.zone {
  fill: var(--milk);
}
.zone.even {
  fill: var(--oat);
}
.place {
  stroke: var(--bran);
  stroke-width: 1.25;
}
.trip {
  stroke: var(--syrup);
  stroke-dasharray: 3 3;
}
.line {
  fill: none;
  stroke: var(--date);
  stroke-width: 2.5;
}
.soft {
  fill: var(--date);
  opacity: 0.12;
}
.holds {
  stroke: var(--elm);
  stroke-width: 2;
}
.holds-word {
  fill: var(--elm);
  font-weight: 600;
}
.axis {
  stroke: var(--husk);
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  font-size: 0.875rem;
}
.legend li {
  display: flex;
  gap: 8px;
  align-items: center;
}
.key {
  width: 34px;
}
</style>

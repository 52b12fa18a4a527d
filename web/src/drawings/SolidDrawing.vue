<script setup lang="ts">
/** How much of the fat of a part is solid, from the freezer to a hot car; beside it what it would be without the softer fat. */
import { computed } from 'vue'
import type { ColdCard } from '@/api/client'
import { percent } from '@/format'
import { degrees, line, scale } from './scales'

const props = defineProps<{ curve: ColdCard['solid_fat'][number] }>()
const WIDTH = 320
const HEIGHT = 132
const x = scale(-18, 40, 40, WIDTH - 8)
const y = scale(0, 1, HEIGHT - 22, 8)
const path = (points: { celsius: number; solid: number }[]) =>
  line(points.map((each) => [x(each.celsius), y(each.solid)] as const))
const TOLD = [4, 20, 26]
const heard = computed(() =>
  props.curve.points
    .filter((each) => TOLD.includes(each.celsius))
    .map((each) => `${percent(each.solid)} solid at ${each.celsius} °C`)
    .join(', '),
)
const fats = computed(() =>
  Object.entries(props.curve.fats)
    .filter(([, share]) => share >= 0.01)
    .sort((one, other) => other[1] - one[1])
    .map(([fat, share]) => `${percent(share)} ${fat.replaceAll('_', ' ')}`)
    .join(', '),
)
</script>

<template>
  <figure class="solid">
    <figcaption>
      <strong>{{ curve.component }}</strong> <span class="quiet">fat: {{ fats }}</span>
    </figcaption>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="heard">
      <g v-for="share in [0, 0.5, 1]" :key="share">
        <line :x1="40" :x2="WIDTH - 8" :y1="y(share)" :y2="y(share)" class="grid" />
        <text :x="34" :y="y(share) + 4" class="end">{{ share * 100 }} %</text>
      </g>
      <text v-for="mark in [-18, 0, 20, 40]" :key="mark" :x="x(mark)" :y="HEIGHT - 6" class="middle">
        {{ degrees(mark) }}
      </text>
      <path v-if="curve.without" :d="path(curve.without)" class="line without" />
      <path :d="path(curve.points)" class="line" />
    </svg>
    <p v-if="curve.words" class="small">
      {{ curve.words }} <span class="quiet">The thin line is the cocoa butter alone.</span>
    </p>
  </figure>
</template>

<style scoped>
.solid {
  margin: 0;
  max-width: 420px;
}
figcaption,
.small {
  font-size: 0.875rem;
}
svg {
  display: block;
  width: 100%;
}
text {
  font-size: 11px;
  fill: var(--husk);
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
.line {
  fill: none;
  stroke: var(--date);
  stroke-width: 2.25;
}
.without {
  stroke-width: 1.25;
  stroke-dasharray: 4 3;
}
</style>

<script setup lang="ts">
/** The Cup: a bowl in section whose wall is the scale of saturation. Draws computed data; computes nothing of the job. */
import { computed, useId } from 'vue'
import type { Saturation, Split, TextureId } from '@/api/client'
import { FOOT, LEAN, LEFT, RIGHT, RIM, TOP, levelWords, slab, strata, xLeft, xRight, y, zones } from './cupGeometry'

const props = defineProps<{
  saturation?: Saturation
  split?: Split
  demandMl?: number
  texture?: TextureId
  want?: TextureId
  edges: number[]
  textures: { id: TextureId; word: string }[]
  /** On the shelf: no words, no ticks. */
  small?: boolean
}>()

const uid = useId()
const layers = computed(() => (props.split ? strata(props.split, props.demandMl ?? 0) : []))
const words = computed(() => zones(props.edges).map((zone, index) => ({ ...zone, ...props.textures[index]! })))
const wanted = computed(() => words.value.find((zone) => zone.id === props.want))
const spills = computed(() => (props.saturation?.value ?? 0) > RIM)
const nothingDry = computed(() => props.demandMl === 0)
const label = computed(() =>
  nothingDry.value
    ? 'Nothing to bind.'
    : levelWords(props.saturation, words.value.find((zone) => zone.id === props.texture)?.word),
)
</script>

<template>
  <svg
    :viewBox="small ? '22 14 216 342' : '0 10 330 348'"
    class="cup"
    :class="{ small }"
    role="img"
    :aria-label="label"
  >
    <defs>
      <pattern :id="`${uid}-masked`" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
      </pattern>
      <pattern :id="`${uid}-pulp`" width="9" height="9" patternUnits="userSpaceOnUse">
        <circle cx="3" cy="3" r="1.5" class="fleck" />
      </pattern>
      <linearGradient :id="`${uid}-soft`" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" class="soft" stop-opacity="0" />
        <stop offset="0.5" class="soft" stop-opacity="0.34" />
        <stop offset="1" class="soft" stop-opacity="0" />
      </linearGradient>
    </defs>

    <polygon class="cavity" :points="slab(0, RIM)" />
    <polygon v-if="wanted && !nothingDry" class="wanted" :points="slab(wanted.from, wanted.to)" data-wanted />

    <g class="moves">
      <template v-for="layer in layers" :key="layer.kind">
        <polygon
          v-if="layer.from < RIM"
          :class="['stratum', layer.kind]"
          :points="slab(layer.from, layer.to)"
          :fill="layer.kind === 'masked' ? `url(#${uid}-masked)` : undefined"
          :data-stratum="layer.kind"
        />
        <polygon
          v-if="layer.kind === 'pulp' && layer.from < RIM"
          :points="slab(layer.from, layer.to)"
          :fill="`url(#${uid}-pulp)`"
        />
      </template>
      <template v-if="saturation">
        <polygon
          v-if="!small"
          :points="slab(Math.min(saturation.low, RIM), Math.min(saturation.high, RIM))"
          :fill="`url(#${uid}-soft)`"
          data-band
        />
        <line
          class="level"
          :x1="xLeft(y(saturation.value))"
          :x2="xRight(y(saturation.value))"
          :y1="y(saturation.value)"
          :y2="y(saturation.value)"
          data-level
        />
      </template>
    </g>

    <path
      class="wall"
      :d="`M${LEFT - 12} ${TOP - 6} H${LEFT} L${LEFT + LEAN} ${FOOT} H${RIGHT - LEAN} L${RIGHT} ${TOP - 6} H${RIGHT + 12} L${RIGHT - LEAN + 16} ${FOOT + 14} H${RIGHT - LEAN - 14} V${FOOT + 20} H${LEFT + LEAN + 14} V${FOOT + 14} H${LEFT + LEAN - 16} Z`"
    />

    <g v-if="!small && !nothingDry">
      <line class="demand" :x1="LEFT - 16" :x2="RIGHT + 16" :y1="y(1)" :y2="y(1)" data-demand />
      <text class="demand-word" :x="LEFT - 20" :y="y(1) + 4" text-anchor="end">1</text>
    </g>
    <line v-else-if="!nothingDry" class="demand" :x1="LEFT" :x2="RIGHT" :y1="y(1)" :y2="y(1)" />

    <g v-if="!small">
      <line
        v-for="zone in words"
        :key="`tick-${zone.id}`"
        class="tick"
        :x1="RIGHT + 14"
        :x2="RIGHT + 24"
        :y1="y(zone.from)"
        :y2="y(zone.from)"
        :data-tick="zone.from"
      />
      <line class="tick" :x1="RIGHT + 14" :x2="RIGHT + 24" :y1="y(RIM)" :y2="y(RIM)" :data-tick="RIM" />
      <g v-for="zone in words" :key="zone.id">
        <text
          :x="RIGHT + 32"
          :y="(y(zone.from) + y(zone.to)) / 2 + 5"
          :class="['word', { now: zone.id === texture, aim: zone.id === want }]"
        >
          {{ zone.word }}
        </text>
        <path
          v-if="zone.id === want"
          class="aim-mark"
          :d="`M${RIGHT + 28} ${(y(zone.from) + y(zone.to)) / 2} l-7 -5 v10 z`"
        />
      </g>
    </g>
    <g v-if="spills && !small" class="spill">
      <path :d="`M${LEFT - 13} ${TOP - 6} q-16 6 -14 40 q1 12 8 12 q7 0 6 -12 q-1 -14 8 -26 z`" />
      <text :x="(LEFT + RIGHT) / 2" :y="TOP - 12" text-anchor="middle">
        over the rim: {{ saturation!.value.toFixed(1) }}
      </text>
    </g>
    <text v-if="nothingDry && !small" class="nothing" :x="(LEFT + RIGHT) / 2" y="190" text-anchor="middle">
      nothing to bind
    </text>
  </svg>
</template>

<style scoped>
.cup {
  display: block;
  width: 100%;
  height: auto;
  overflow: visible;
}
.cavity {
  fill: var(--oat);
}
.wall {
  fill: var(--bran);
  stroke: var(--husk);
  stroke-width: 1;
  stroke-linejoin: round;
}
.wanted {
  fill: var(--elm);
  opacity: 0.2;
}
.stratum {
  transition: all 160ms ease-out;
}
.water {
  fill: var(--frost);
  opacity: 0.75;
}
.syrup {
  fill: var(--syrup);
  opacity: 0.85;
}
.pulp {
  fill: var(--date);
  opacity: 0.7;
}
.fat {
  fill: var(--butter);
  opacity: 0.8;
}
.masked {
  stroke: var(--husk);
  stroke-width: 0.75;
  stroke-dasharray: 3 3;
}
.hatch {
  stroke: var(--husk);
  stroke-width: 1.2;
  opacity: 0.7;
}
.fleck {
  fill: var(--milk);
  opacity: 0.55;
}
.soft {
  stop-color: var(--cocoa);
}
.level {
  stroke: var(--cocoa);
  stroke-width: 2.5;
  transition: all 160ms ease-out;
}
.demand {
  stroke: var(--date);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}
.demand-word {
  fill: var(--date);
  font-size: 15px;
  font-weight: 600;
}
.tick {
  stroke: var(--husk);
  stroke-width: 1;
}
.word {
  font-family: var(--heading);
  font-size: 17px;
  fill: var(--husk);
}
.word.aim {
  fill: var(--elm);
}
.word.now {
  fill: var(--cocoa);
  font-weight: 700;
}
.aim-mark {
  fill: var(--elm);
}
.spill path {
  fill: var(--butter);
  opacity: 0.8;
}
.spill text,
.nothing {
  fill: var(--cocoa);
  font-size: 15px;
}
@media (prefers-reduced-motion: reduce) {
  .stratum,
  .level {
    transition: none;
  }
}
</style>

<script setup lang="ts">
/** One piece cut through, to scale: what lies on what, the coat around it, with millimetres. */
import { computed, useId } from 'vue'
import type { Coat, Pieces } from '@/api/client'
import { figure } from '@/format'

const props = defineProps<{ pieces: Pieces; coat?: Coat; small?: boolean }>()

const TINTS = ['one', 'two', 'three', 'four']
const wide = computed(() => props.pieces.piece_mm[0]!)
const high = computed(() => props.pieces.piece_mm[2]!)
const around = computed(() => ['dip', 'half_dip'].includes(props.coat?.kind ?? ''))
const shell = computed(() => (around.value ? (props.coat?.thickness_mm ?? 0) : 0))
const inCup = computed(() =>
  props.coat?.kind === 'cup' && props.pieces.form !== 'ball' ? props.coat.layers : undefined,
)
/** Two halves of a shell, joined around their filling. */
const joined = computed(() => props.coat?.kind === 'cup' && props.pieces.form === 'ball')
const bottom = computed(() => inCup.value?.find((layer) => ['bottom', 'lid'].includes(layer.name))?.mm ?? 0)
const wall = computed(() => inCup.value?.find((layer) => layer.name === 'wall')?.mm ?? 0)
const top = computed(() => {
  if (inCup.value) return inCup.value.find((layer) => layer.name === 'top')?.mm ?? 0
  return props.coat?.kind === 'spread' ? props.coat.thickness_mm : 0
})
const whole = computed(() => ({
  wide: wide.value + 2 * shell.value,
  high: high.value + 2 * shell.value + (inCup.value ? 0 : top.value),
}))
/** At true size a bar of 50 mm lies under it. */
const BAR = 50
const room = computed(() => ({
  wide: Math.max(whole.value.wide, props.small ? BAR : 0) + 8,
  high: whole.value.high + 8 + (props.small ? 8 : 0),
}))
/** From the foot up, each with where it stands; balls from the core outwards. */
const stacked = computed(() => {
  let foot = bottom.value
  return props.pieces.layers.map((layer, at) => {
    const here = { ...layer, foot, tint: TINTS[at % TINTS.length]! }
    foot += layer.mm
    return here
  })
})
const rings = computed(() => {
  let across = 0
  return props.pieces.layers
    .map((layer, at) => {
      across += at === 0 ? layer.mm : 2 * layer.mm
      return { ...layer, across, tint: TINTS[at % TINTS.length]! }
    })
    .reverse()
})
const clip = useId()
const scale = computed(() => Math.min(props.small ? 62 : 150, whole.value.wide) / whole.value.wide)
/** What a reader hears, and what stands beside the drawing. */
const rows = computed(() => {
  const named = props.pieces.layers.map((layer, at) => ({
    name: layer.component,
    mm: layer.mm,
    tint: TINTS[at % TINTS.length]!,
    core: props.pieces.form === 'ball' && at === 0 && props.pieces.layers.length > 1,
  }))
  const coat = props.coat
  const on = !coat
    ? []
    : coat.kind === 'cup'
      ? coat.layers.map((layer) => ({
          name: `${coat.component ?? 'shell'}, ${layer.name}`,
          mm: layer.mm,
          tint: 'coat',
        }))
      : coat.thickness_mm > 0.05
        ? [{ name: coat.component ?? 'coat', mm: coat.thickness_mm, tint: 'coat' }]
        : []
  // From the top down, or from outside in.
  return [...on.reverse(), ...named.reverse()]
})
const heard = computed(
  () =>
    `One piece cut through, ${props.pieces.size}: ${rows.value.map((row) => `${row.name} ${figure(row.mm, 1)} mm`).join(', ')}`,
)
</script>

<template>
  <div class="section" :class="{ small }">
    <svg
      :viewBox="`-4 -4 ${room.wide} ${room.high}`"
      :style="small ? { width: `${room.wide}mm`, height: `${room.high}mm` } : { width: `${room.wide * 2.6 * scale}px` }"
      role="img"
      :aria-label="heard"
      data-section
    >
      <g :transform="`translate(${shell} ${shell + (inCup ? 0 : top)})`">
        <template v-if="pieces.form === 'ball'">
          <ellipse
            v-if="shell || joined"
            :cx="wide / 2"
            :cy="high / 2"
            :rx="wide / 2 + shell"
            :ry="high / 2 + shell"
            class="coat"
          />
          <ellipse
            v-for="ring in rings"
            :key="ring.component"
            :cx="wide / 2"
            :cy="high / 2"
            :rx="(ring.across / high) * (wide / 2)"
            :ry="ring.across / 2"
            :class="ring.tint"
            data-layer
          />
        </template>
        <template v-else>
          <clipPath :id="clip">
            <path v-if="pieces.form === 'dome'" :d="`M0 ${high}A${wide / 2} ${high} 0 0 1 ${wide} ${high}Z`" />
            <rect v-else :x="wall" :width="wide - 2 * wall" :height="high" rx="1" />
          </clipPath>
          <rect
            v-if="shell"
            :x="-shell"
            :y="-shell"
            :width="wide + 2 * shell"
            :height="high + 2 * shell"
            rx="2"
            class="coat"
          />
          <path
            v-if="inCup && pieces.form === 'dome'"
            :d="`M0 ${high}A${wide / 2} ${high} 0 0 1 ${wide} ${high}Z`"
            class="coat"
          />
          <rect v-else-if="inCup" :width="wide" :height="high" rx="1.5" class="coat" />
          <rect v-else-if="top" :y="-top" :width="wide" :height="top" class="coat" rx="1" />
          <g :clip-path="`url(#${clip})`">
            <rect
              v-for="layer in stacked"
              :key="layer.component"
              :x="pieces.form === 'dome' ? wall : 0"
              :width="pieces.form === 'dome' ? wide - 2 * wall : wide"
              :y="high - layer.foot - layer.mm"
              :height="layer.mm"
              :class="layer.tint"
              data-layer
            />
          </g>
        </template>
      </g>
      <g v-if="small" :transform="`translate(0 ${whole.high + 4})`">
        <path d="M0 0h50M0-1.4v2.8M50-1.4v2.8" class="bar" />
        <text x="25" y="4.6" class="bar-word">50 mm</text>
      </g>
    </svg>
    <dl v-if="!small" class="rows">
      <div v-for="row in rows" :key="row.name">
        <dt><span class="swatch" :class="row.tint" aria-hidden="true" />{{ row.name }}</dt>
        <dd class="figure">{{ figure(row.mm, 1) }} mm{{ 'core' in row && row.core ? ' across' : '' }}</dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.section {
  display: flex;
  gap: 20px;
  align-items: center;
}
svg {
  display: block;
  flex: none;
  max-width: 100%;
  max-height: 190px;
}
.small svg {
  max-height: none;
}
.one {
  fill: color-mix(in srgb, var(--date) 26%, var(--milk));
  background: color-mix(in srgb, var(--date) 26%, var(--milk));
}
.two {
  fill: color-mix(in srgb, var(--syrup) 42%, var(--milk));
  background: color-mix(in srgb, var(--syrup) 42%, var(--milk));
}
.three {
  fill: color-mix(in srgb, var(--butter) 34%, var(--milk));
  background: color-mix(in srgb, var(--butter) 34%, var(--milk));
}
.four {
  fill: color-mix(in srgb, var(--husk) 30%, var(--milk));
  background: color-mix(in srgb, var(--husk) 30%, var(--milk));
}
.coat {
  fill: color-mix(in srgb, var(--date) 78%, var(--cocoa));
  background: color-mix(in srgb, var(--date) 78%, var(--cocoa));
}
.bar {
  stroke: var(--husk);
  stroke-width: 0.4;
  fill: none;
}
.bar-word {
  font-size: 3.4px;
  text-anchor: middle;
  fill: var(--husk);
}
.rows {
  margin: 0;
  flex: 1;
  font-size: 0.9375rem;
}
.rows div {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 2px 0;
}
.rows dd {
  margin: 0;
}
.swatch {
  display: inline-block;
  width: 12px;
  height: 12px;
  border-radius: 3px;
  margin-right: 8px;
  vertical-align: -1px;
  border: 1px solid var(--husk);
}
</style>

<script setup lang="ts">
/** The tin, tray, mould or sheet from above, to scale, with a bar of 50 mm; a cut line can be dragged or stepped by keys. */
import { computed } from 'vue'
import type { Pieces, TopView } from '@/api/client'

const props = defineProps<{ view: TopView; pieces: Pieces; form?: string }>()
const emit = defineEmits<{ cut: [columns: number, rows: number]; tin: [sides: number[]] }>()

const FOOT = 12
const round = computed(() => props.view.outline_mm.length === 1)
const wide = computed(() => props.view.outline_mm[0]!)
const high = computed(() => props.view.outline_mm[1] ?? wide.value)
/** Type of about the same size on the screen whatever the tin. */
const unit = computed(() => Math.max(wide.value, high.value * 0.92) / 32)
/** Room for the measures around it. */
const pad = computed(() => unit.value * 2.4)
const box = computed(
  () => `${-pad.value} ${-pad.value} ${wide.value + 2 * pad.value} ${high.value + 2 * pad.value + FOOT}`,
)
const cut = computed(() => props.pieces.cut)
const rings = computed(() => cut.value?.rings_mm ?? [])
const outer = computed(() => rings.value.at(-1) ?? 0)
const spokes = computed(() =>
  round.value && cut.value && cut.value.grid[0]! > 1
    ? Array.from({ length: cut.value.grid[0]! }, (_, at) => (at * 2 * Math.PI) / cut.value!.grid[0]!)
    : [],
)
const numbered = computed(() => props.view.spots_mm.length <= 60)
const [LEAST, MOST] = [1, 40]
/** A drag along one side says how many pieces lie along it: as many as are as wide as the first one was drawn. */
function drag(event: PointerEvent, along: 'x' | 'y') {
  if (!cut.value || round.value) return
  const svg = (event.currentTarget as SVGElement).ownerSVGElement!
  const move = (moved: PointerEvent) => {
    const at = new DOMPoint(moved.clientX, moved.clientY).matrixTransform(svg.getScreenCTM()!.inverse())
    const side = (along === 'x' ? wide.value : high.value) - 2 * cut.value!.trim_mm
    const piece = Math.max((along === 'x' ? at.x : at.y) - cut.value!.trim_mm, 4)
    said(along, Math.round(side / piece))
  }
  const stop = () => {
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', stop)
  }
  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', stop)
}
function said(along: 'x' | 'y', count: number) {
  const [columns, rows] = cut.value!.grid as [number, number]
  const next = Math.min(Math.max(count, LEAST), MOST)
  if (along === 'x' && next !== columns) emit('cut', next, rows)
  if (along === 'y' && next !== rows) emit('cut', columns, next)
}
/** The edge of the tin in hand, as it is drawn until it is let go. */
const STEP_MM = 5
const [SMALL_MM, LARGE_MM] = [80, 600]
function sized(at: 0 | 1, mm: number) {
  const sides = [...props.view.outline_mm]
  const next = Math.min(Math.max(Math.round(mm / STEP_MM) * STEP_MM, SMALL_MM), LARGE_MM)
  if (next === sides[at]) return
  sides[at] = next
  emit('tin', sides)
}
function dragEdge(event: PointerEvent, at: 0 | 1) {
  const svg = (event.currentTarget as SVGElement).ownerSVGElement!
  const from = props.view.outline_mm[at]!
  const perMm = svg.getScreenCTM()!.a
  const began = at === 0 ? event.clientX : event.clientY
  const stop = (end: PointerEvent) => {
    window.removeEventListener('pointerup', stop)
    sized(at, from + ((at === 0 ? end.clientX : end.clientY) - began) / perMm)
  }
  window.addEventListener('pointerup', stop)
}
const edges = computed<(0 | 1)[]>(() => (props.view.on !== 'tin' ? [] : round.value ? [0] : [0, 1]))
const step = (along: 'x' | 'y', by: number) => said(along, cut.value!.grid[along === 'x' ? 0 : 1]! + by)
const inner = (lines: number[]) => lines.slice(1, -1)
</script>

<template>
  <svg :viewBox="box" class="top" role="group" :aria-label="`From above: ${view.words}`" data-top-view>
    <g v-if="round" :transform="`translate(${wide / 2} ${wide / 2})`">
      <circle :r="wide / 2" class="edge" />
      <circle v-if="outer" :r="outer" class="dough" />
      <circle v-for="ring in rings.slice(0, -1)" :key="ring" :r="ring" class="line" />
      <line
        v-for="turn in spokes"
        :key="turn"
        x1="0"
        y1="0"
        :x2="outer * Math.sin(turn)"
        :y2="-outer * Math.cos(turn)"
        class="line"
      />
      <text
        v-for="([x, y], at) in numbered ? view.spots_mm : []"
        :key="at"
        :x="x"
        :y="y! + unit * 0.4"
        class="number"
        :style="{ fontSize: `${unit}px` }"
      >
        {{ at + 1 }}
      </text>
    </g>
    <template v-else>
      <rect :width="wide" :height="high" :rx="view.on === 'mould' ? 6 : 3" class="edge" />
      <rect v-if="view.on === 'tin'" :width="pieces.tin?.filled_mm ?? wide" :height="high" class="dough" rx="3" />
      <template v-if="view.on === 'tin' && cut">
        <rect
          v-if="cut.trim_mm"
          :x="cut.trim_mm"
          :y="cut.trim_mm"
          :width="(cut.x_mm.at(-1) ?? 0) - cut.trim_mm"
          :height="(cut.y_mm.at(-1) ?? 0) - cut.trim_mm"
          class="kept"
        />
        <line
          v-for="x in inner(cut.x_mm)"
          :key="`x${x}`"
          :x1="x"
          :x2="x"
          :y1="cut.y_mm[0]"
          :y2="cut.y_mm.at(-1)"
          class="line"
        />
        <line
          v-for="y in inner(cut.y_mm)"
          :key="`y${y}`"
          :y1="y"
          :y2="y"
          :x1="cut.x_mm[0]"
          :x2="cut.x_mm.at(-1)"
          class="line"
        />
        <g
          v-for="along in ['x', 'y'] as const"
          :key="along"
          class="handle"
          role="slider"
          tabindex="0"
          :aria-label="along === 'x' ? 'Pieces across' : 'Pieces along'"
          :aria-valuenow="cut.grid[along === 'x' ? 0 : 1]"
          :aria-valuemin="LEAST"
          :aria-valuemax="MOST"
          @pointerdown.prevent="drag($event, along)"
          @keydown.up.prevent="step(along, 1)"
          @keydown.right.prevent="step(along, 1)"
          @keydown.down.prevent="step(along, -1)"
          @keydown.left.prevent="step(along, -1)"
        >
          <rect
            :x="along === 'x' ? (cut.x_mm[1] ?? wide) - unit : -pad * 0.62"
            :y="along === 'y' ? (cut.y_mm[1] ?? high) - unit : -pad * 0.62"
            :width="unit * 2"
            :height="unit * 2"
            class="touch"
          />
          <circle
            :cx="along === 'x' ? (cut.x_mm[1] ?? wide) : -pad * 0.28"
            :cy="along === 'y' ? (cut.y_mm[1] ?? high) : -pad * 0.28"
            :r="unit * 0.42"
            class="knob"
          />
        </g>
      </template>
      <rect
        v-else-if="view.on === 'sheet'"
        :width="view.spots_mm[0]?.[0]"
        :height="view.spots_mm[0]?.[1]"
        class="dough"
        rx="8"
      />
      <template v-else>
        <component
          :is="view.round ? 'ellipse' : 'rect'"
          v-for="([x, y], at) in view.spots_mm"
          :key="at"
          v-bind="
            view.round
              ? { cx: x, cy: y, rx: view.spot_mm[0]! / 2, ry: view.spot_mm[1]! / 2 }
              : {
                  x: x! - view.spot_mm[0]! / 2,
                  y: y! - view.spot_mm[1]! / 2,
                  width: view.spot_mm[0],
                  height: view.spot_mm[1],
                }
          "
          class="dough piece"
        />
      </template>
      <g v-if="view.on === 'sheet'">
        <rect x="12" y="12" :width="view.spot_mm[0]" :height="view.spot_mm[1]" class="average" />
        <text
          :x="12 + view.spot_mm[0]! / 2"
          :y="14 + view.spot_mm[1]! / 2"
          class="number"
          :style="{ fontSize: `${unit}px` }"
        >
          one piece
        </text>
      </g>
      <template v-else-if="numbered">
        <text
          v-for="([x, y], at) in view.spots_mm"
          :key="`n${at}`"
          :x="x"
          :y="y! + unit * 0.4"
          class="number"
          :style="{ fontSize: `${unit}px` }"
        >
          {{ at + 1 }}
        </text>
      </template>
    </template>
    <g
      v-for="at in edges"
      :key="`edge${at}`"
      class="handle edge-handle"
      role="slider"
      tabindex="0"
      :aria-label="round ? 'Tin across, mm' : at === 0 ? 'Tin’s first side, mm' : 'Tin’s second side, mm'"
      :aria-valuenow="view.outline_mm[at]"
      :aria-valuemin="SMALL_MM"
      :aria-valuemax="LARGE_MM"
      @pointerdown.prevent="dragEdge($event, at)"
      @keydown.up.prevent="sized(at, view.outline_mm[at]! + STEP_MM)"
      @keydown.right.prevent="sized(at, view.outline_mm[at]! + STEP_MM)"
      @keydown.down.prevent="sized(at, view.outline_mm[at]! - STEP_MM)"
      @keydown.left.prevent="sized(at, view.outline_mm[at]! - STEP_MM)"
    >
      <rect
        :x="at === 0 ? wide - unit : wide / 2 - unit * 2"
        :y="at === 0 ? high / 2 - unit * 2 : high - unit"
        :width="at === 0 ? unit * 2 : unit * 4"
        :height="at === 0 ? unit * 4 : unit * 2"
        class="touch"
      />
      <rect
        :x="at === 0 ? wide - unit * 0.22 : wide / 2 - unit"
        :y="at === 0 ? high / 2 - unit : high - unit * 0.22"
        :width="at === 0 ? unit * 0.44 : unit * 2"
        :height="at === 0 ? unit * 2 : unit * 0.44"
        :rx="unit * 0.2"
        class="knob"
      />
    </g>
    <text :x="wide / 2" :y="-pad * 0.3" class="measure" :style="{ fontSize: `${unit * 1.15}px` }">
      {{ Math.round(wide) }} mm
    </text>
    <text
      v-if="!round"
      :transform="`translate(${wide + pad * 0.45} ${high / 2}) rotate(90)`"
      class="measure"
      :style="{ fontSize: `${unit * 1.15}px` }"
    >
      {{ Math.round(high) }} mm
    </text>
    <g :transform="`translate(0 ${high + pad * 0.8})`">
      <path d="M0 0h50M0-3v6M50-3v6" class="bar" />
      <text x="56" :y="unit * 0.4" class="measure start" :style="{ fontSize: `${unit * 1.15}px` }">50 mm</text>
    </g>
  </svg>
</template>

<style scoped>
.top {
  display: block;
  width: 100%;
  max-height: 440px;
  touch-action: none;
}
.edge {
  fill: var(--milk);
  stroke: var(--husk);
  stroke-width: 1.6;
}
.dough {
  fill: var(--date-tint);
}
.piece,
.average {
  stroke: var(--date);
  stroke-width: 0.8;
}
.average {
  fill: none;
  stroke-dasharray: 3 2;
}
.kept {
  fill: none;
  stroke: var(--date);
  stroke-width: 1;
}
.line {
  stroke: var(--date);
  stroke-width: 1;
  fill: none;
}
.number {
  text-anchor: middle;
  fill: var(--husk);
}
.measure {
  text-anchor: middle;
  fill: var(--cocoa);
}
.start {
  text-anchor: start;
}
.bar {
  stroke: var(--cocoa);
  stroke-width: 1.2;
  fill: none;
}
.handle {
  cursor: grab;
}
.handle:focus-visible {
  outline: none;
}
.handle:focus-visible .knob {
  stroke: var(--cocoa);
  stroke-width: 1.5;
}
.touch {
  fill: transparent;
}
.knob {
  fill: var(--elm);
}
</style>

<script setup lang="ts">
/** The day-line: hours across, a row for the hands and for each thing and place that is used. A task is dragged or moved by the arrows. */
import { computed, nextTick, ref } from 'vue'
import { useElementSize, useIntervalFn } from '@vueuse/core'
import type { Plan, PlanTask, PlanWait } from '@/api/client'
import { dayRows, HANDS_ROW } from '@/drawings/dayRows'
import { dayScale, minuteOf } from '@/drawings/dayScale'
import { clockIn, duration } from '@/format'

const props = defineProps<{ plan: Plan; chosen?: string; moving?: { id: string; at: number }; said?: string }>()
const emit = defineEmits<{
  choose: [id: string | undefined]
  /** It would start then; nothing is kept yet. */
  move: [id: string, minute: number]
  drop: []
  leave: []
  pin: [id: string]
}>()

const STEP = 5
/** Pixels across of a sheet lying on its side. */
const SHEET = 920
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const now = ref(Math.floor(Date.now() / 60_000))
useIntervalFn(() => (now.value = Math.floor(Date.now() / 60_000)), 30_000)

const tasks = computed(() => props.plan.tasks ?? [])
const hands = computed(() => tasks.value.filter((task) => task.kind === 'hands'))
const scale = computed(() =>
  dayScale(
    tasks.value.map((task) => ({ from: minuteOf(task.start), to: minuteOf(task.end) })),
    Math.max(width.value - 4, 300),
  ),
)
const clock = (minute: number) => clockIn(minute, props.plan.zone)
const letter = (formula: number) => String.fromCharCode(65 + formula)
/** "A3": the third turn of the first formula. */
const codes = computed(() => {
  const counts: Record<number, number> = {}
  return new Map(
    hands.value.map((task) => [
      task.id,
      `${letter(task.formula)}${(counts[task.formula] = (counts[task.formula] ?? 0) + 1)}`,
    ]),
  )
})
const rows = computed(() => dayRows(props.plan, scale.value))
/** Waits that take no place, thin, under the hands. */
const loose = computed(() =>
  (props.plan.waits ?? []).filter((wait) => !wait.place && wait.least > 0 && minuteOf(wait.end) > minuteOf(wait.start)),
)
const closed = computed(() =>
  (props.plan.rows.find((row) => row.id === 'hands')?.closed ?? [])
    .map((each) => ({ ...each, x: scale.value.x(minuteOf(each.start)), stop: scale.value.x(minuteOf(each.end)) }))
    .filter((each) => each.stop > 0 && each.x < scale.value.width)
    .map((each) => ({
      ...each,
      x: Math.max(each.x, 0),
      width: Math.min(each.stop, scale.value.width) - Math.max(each.x, 0),
    })),
)
const nowX = computed(() => {
  const x = scale.value.x(now.value)
  return x >= 0 && x <= scale.value.width ? x : undefined
})
/** The day is said at its first tick. */
const days = computed(() => {
  let before = ''
  return scale.value.ticks.map((tick) => {
    const day = new Date(tick * 60_000).toLocaleDateString('en-GB', {
      weekday: 'short',
      day: 'numeric',
      month: 'short',
      timeZone: props.plan.zone,
    })
    const said = day === before ? undefined : day
    before = day
    return { tick, day: said }
  })
})
const labelOf = (task: PlanTask) =>
  `${codes.value.get(task.id)}: ${task.step}, ${clock(minuteOf(task.start))} to ${clock(minuteOf(task.end))}${task.pinned ? ', fixed' : ''}${task.done ? ', done' : ''}`
const waitLabel = (wait: PlanWait) =>
  `${wait.words}: ${duration(minuteOf(wait.end) - minuteOf(wait.start))}${wait.at_latest ? `, at the latest until ${clock(minuteOf(wait.at_latest))}` : ''}`

function keys(event: KeyboardEvent, task: PlanTask) {
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (by && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    const from = props.moving?.id === task.id ? props.moving.at : minuteOf(task.start)
    emit('move', task.id, from + by * (event.shiftKey ? 1 : STEP))
  } else if (event.key === 'Enter' && props.moving?.id === task.id) {
    event.preventDefault()
    emit('drop')
    void back(task.id)
  } else if (event.key === 'Escape' && props.moving) emit('leave')
  else if (event.key === 'p') emit('pin', task.id)
}
/** The focus stays on the task that was moved. */
async function back(id: string) {
  await nextTick()
  document.getElementById(`task-${id}`)?.focus()
}
function grab(down: PointerEvent, task: PlanTask) {
  if (down.button || task.done) return
  const block = down.currentTarget as HTMLElement
  const from = scale.value.x(minuteOf(task.start))
  block.setPointerCapture(down.pointerId)
  let moved = false
  block.onpointermove = (move) => {
    const by = move.clientX - down.clientX
    if (!moved && Math.abs(by) < 5) return
    moved = true
    emit('move', task.id, scale.value.minute(from + by))
  }
  block.onpointerup = block.onpointercancel = (up) => {
    block.onpointermove = block.onpointerup = block.onpointercancel = null
    if (!moved) return
    if (up.type === 'pointercancel') emit('leave')
    else emit('drop')
  }
}
</script>

<template>
  <div class="day-line" :style="{ '--fit': Math.min(SHEET / scale.width, 1) }">
    <div class="names" aria-hidden="true">
      <span class="axis-name" />
      <span v-for="row in rows" :key="row.id" :style="{ height: `${row.height}px` }">{{ row.name }}</span>
    </div>
    <div ref="box" class="scroll">
      <div class="chart" :style="{ width: `${scale.width}px` }">
        <div class="axis" aria-hidden="true">
          <span v-for="{ tick, day } in days" :key="tick" :style="{ left: `${scale.x(tick)}px` }"
            ><b v-if="day">{{ day }}</b
            >{{ clock(tick) }}</span
          >
        </div>
        <div v-for="{ tick } in days" :key="`l${tick}`" class="line" :style="{ left: `${scale.x(tick)}px` }" />
        <div
          v-for="each in closed"
          :key="each.start"
          class="closed"
          :style="{ left: `${each.x}px`, width: `${each.width}px`, height: `${rows[0]!.height}px` }"
          :title="`${each.why}, ${clock(minuteOf(each.start))} to ${clock(minuteOf(each.end))}`"
        >
          <span>{{ each.why }}</span>
        </div>
        <div
          v-for="gap in scale.gaps"
          :key="gap.from"
          class="gap"
          :style="{ left: `${gap.x}px`, width: `${gap.width}px` }"
          aria-hidden="true"
        >
          <span>{{ duration(gap.to - gap.from) }}</span>
        </div>
        <div v-if="nowX !== undefined" class="now" :style="{ left: `${nowX}px` }"><span>now</span></div>
        <div
          v-for="row in rows"
          :key="row.id"
          class="row"
          :style="{ height: `${row.height}px` }"
          :aria-label="row.name"
          role="group"
        >
          <span
            v-for="bar in row.waits"
            :key="bar.key"
            class="wait"
            :title="waitLabel(bar.wait)"
            :style="{ left: `${bar.x}px`, width: `${bar.width}px`, top: `${bar.lane * row.high + 6}px` }"
            ><i :style="{ width: `${Math.min(bar.enough, bar.width)}px` }"
          /></span>
          <template v-for="bar in row.used" :key="bar.key">
            <button
              v-if="row.id === 'hands'"
              :id="`task-${bar.task.id}`"
              type="button"
              class="task"
              :class="{
                pinned: bar.task.pinned,
                done: bar.task.done,
                chosen: chosen === bar.task.id,
                chain: plan.chain?.includes(bar.task.id),
                moving: moving?.id === bar.task.id,
                other: bar.task.formula % 2 === 1,
                narrow: bar.width < 30,
              }"
              :style="{ left: `${bar.x}px`, width: `${bar.width - 1}px`, top: `${bar.lane * row.high + 4}px` }"
              :aria-label="labelOf(bar.task)"
              :aria-pressed="chosen === bar.task.id"
              :title="labelOf(bar.task)"
              data-task
              @click="emit('choose', bar.task.id)"
              @focus="emit('choose', bar.task.id)"
              @keydown="keys($event, bar.task)"
              @pointerdown="grab($event, bar.task)"
            >
              <b>{{ codes.get(bar.task.id) }}</b>
              <span v-if="bar.width > 58">{{ bar.task.step }}</span>
            </button>
            <span
              v-else
              class="use"
              :title="labelOf(bar.task)"
              :style="{ left: `${bar.x}px`, width: `${bar.width - 1}px`, top: `${bar.lane * row.high + 6}px` }"
              >{{ bar.width > 24 ? codes.get(bar.task.id) : '' }}</span
            >
            <i
              v-if="row.id === 'hands' && bar.task.slack.later"
              class="slack"
              :style="{
                left: `${bar.x + bar.width}px`,
                width: `${Math.max(Math.min(scale.x(minuteOf(bar.task.end) + bar.task.slack.later) - bar.x - bar.width, 160), 0)}px`,
                top: `${bar.lane * row.high + HANDS_ROW - 9}px`,
              }"
            />
          </template>
          <template v-if="row.id === 'hands'">
            <i
              v-for="wait in loose"
              :key="`${wait.from}${wait.to}`"
              class="loose"
              :title="waitLabel(wait)"
              :style="{
                left: `${scale.x(minuteOf(wait.start))}px`,
                width: `${Math.max(scale.x(minuteOf(wait.end)) - scale.x(minuteOf(wait.start)), 1)}px`,
              }"
            />
          </template>
        </div>
        <p
          v-if="moving && said"
          class="under"
          role="status"
          :style="{ left: `${Math.min(Math.max(scale.x(moving.at), 4), Math.max(scale.width - 330, 4))}px` }"
        >
          {{ said }}
        </p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.day-line {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
}
.names {
  display: grid;
  align-content: start;
  padding-right: 10px;
  font-size: 0.875rem;
  color: var(--husk);
}
.names span {
  padding-top: 8px;
}
.names .axis-name,
.axis {
  height: 38px;
}
.scroll {
  overflow-x: auto;
}
.chart {
  position: relative;
  padding-bottom: 30px;
}
.axis {
  position: relative;
}
.axis span {
  position: absolute;
  bottom: 4px;
  transform: translateX(-50%);
  font-size: 0.8125rem;
  color: var(--husk);
  white-space: nowrap;
}
.axis b {
  position: absolute;
  bottom: 16px;
  left: 0;
  color: var(--cocoa);
}
.line {
  position: absolute;
  top: 36px;
  bottom: 30px;
  border-left: 1px solid var(--bran);
}
.closed {
  position: absolute;
  top: 38px;
  background: var(--oat);
  display: grid;
  place-items: start;
  overflow: hidden;
}
.closed span {
  padding-inline: 4px;
  font-size: 0.75rem;
  color: var(--husk);
  padding-top: 2px;
}
.gap {
  position: absolute;
  top: 30px;
  bottom: 30px;
  border-inline: 1px dashed var(--husk);
  background: repeating-linear-gradient(90deg, transparent 0 3px, var(--oat) 3px 6px);
  display: grid;
  place-items: end center;
  z-index: 1;
  pointer-events: none;
}
.gap span {
  font-size: 0.75rem;
  background: var(--milk);
  color: var(--husk);
  padding: 0 3px;
}
.now {
  position: absolute;
  top: 30px;
  bottom: 30px;
  border-left: 2px solid var(--berry);
  z-index: 3;
}
.now span {
  position: absolute;
  top: -14px;
  left: -12px;
  font-size: 0.75rem;
  color: var(--berry);
}
.row {
  position: relative;
  border-top: 1px solid var(--bran);
}
.task {
  position: absolute;
  height: 48px;
  border: 0;
  border-radius: var(--radius-in);
  background: var(--elm);
  color: var(--on-elm);
  padding: 2px 3px;
  font-size: 0.75rem;
  line-height: 1.1;
  overflow: hidden;
  text-align: left;
  cursor: grab;
  touch-action: pan-y;
  z-index: 2;
}
.task b {
  display: block;
}
.task.narrow {
  padding: 3px 0;
}
.task.narrow b {
  writing-mode: vertical-rl;
  margin: 0 auto;
}
.task.other {
  background: var(--date);
}
.task.chain {
  box-shadow: inset 0 -4px 0 var(--butter);
}
.task.chosen {
  outline: 3px solid var(--cocoa);
  outline-offset: 1px;
  z-index: 4;
}
.task.pinned::after {
  content: '';
  position: absolute;
  top: 3px;
  right: 3px;
  width: 8px;
  height: 8px;
  border-radius: 50%;
  background: var(--milk);
  border: 2px solid var(--cocoa);
}
.task.done {
  background: var(--husk);
}
.task.moving {
  opacity: 0.75;
  cursor: grabbing;
}
.use {
  position: absolute;
  height: 22px;
  border-radius: var(--radius-in);
  background: var(--husk);
  color: var(--milk);
  font-size: 0.75rem;
  padding: 3px;
  overflow: hidden;
}
.wait {
  position: absolute;
  height: 22px;
  border: 1px solid var(--frost);
  border-radius: var(--radius-in);
  background: repeating-linear-gradient(
    45deg,
    color-mix(in srgb, var(--frost) 40%, transparent) 0 1px,
    transparent 1px 8px
  );
}
.wait i {
  display: block;
  height: 100%;
  background: repeating-linear-gradient(45deg, var(--frost) 0 2px, transparent 2px 5px);
}
.slack {
  position: absolute;
  border-top: 2px solid var(--elm);
}
.loose {
  position: absolute;
  bottom: 3px;
  border-top: 3px dotted var(--husk);
}
@media print {
  .scroll {
    overflow: visible;
  }
  .day-line {
    zoom: var(--fit);
    print-color-adjust: exact;
  }
}
.under {
  position: absolute;
  bottom: 2px;
  width: 330px;
  font-size: 0.875rem;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
  padding: 3px 8px;
  z-index: 5;
}
</style>

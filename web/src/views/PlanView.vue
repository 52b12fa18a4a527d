<script setup lang="ts">
/** A plan: the day-line to touch, what was asked beside it, what to buy and the same by the clock under it. */
import { computed, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap, type Plan } from '@/api/client'
import DayLine from '@/components/plan/DayLine.vue'
import PlanAgenda from '@/components/plan/PlanAgenda.vue'
import PlanSettings from '@/components/plan/PlanSettings.vue'
import PlanShopping from '@/components/plan/PlanShopping.vue'
import TaskCard from '@/components/plan/TaskCard.vue'
import { minuteOf } from '@/drawings/dayScale'
import { usePlan } from '@/composables/usePlan'
import { useShortcuts } from '@/composables/useShortcuts'
import { say } from '@/composables/useNotice'
import { clockIn, dayIn, duration, wallIn } from '@/format'

const route = useRoute()
const router = useRouter()
const open = usePlan(Number(route.params.id))
const { plan, request, kept, error, busy, tried } = open

const chosen = ref<string>()
const task = computed(() => plan.value?.tasks?.find((each) => each.id === chosen.value && each.kind === 'hands'))
const moving = ref<{ id: string; at: number }>()
const said = ref<string>()
const clock = (minute: number) => clockIn(minute, plan.value!.zone)
const text = (minute: number) => wallIn(minute, plan.value!.zone)

/** A pin of a task in the place of the one that it has. */
const pin = (id: string, at: string) => (copy: NonNullable<typeof request.value>) =>
  void (copy.pins = [...(copy.pins ?? []).filter((each) => each.task !== id), { task: id, at }])
let looking = false
/** The plan with the task at the last place that was looked at. */
let tested: { at: number; found: Plan } | undefined
/** What would move along is shown before it is let go; the last place that was looked at counts. */
async function move(id: string, minute: number) {
  if (!plan.value?.tasks) return
  if (moving.value?.id !== id) tested = undefined
  moving.value = { id, at: minute }
  said.value = `${clock(minute)} …`
  if (looking) return
  looking = true
  while (moving.value) {
    const { at } = moving.value
    const found = await open.look(pin(moving.value.id, text(at)))
    if (!moving.value) break
    if (found) {
      tested = { at, found }
      show(found, at)
    }
    if (moving.value.at === at) break
  }
  looking = false
}
function show(found: Plan, at: number) {
  if (found.tasks) {
    const before = new Map(kept.value!.plan.tasks?.map((each) => [each.id, each.start]))
    const others = found.tasks.filter(
      (each) => each.kind === 'hands' && each.id !== moving.value?.id && before.get(each.id) !== each.start,
    )
    tried.value = found
    said.value = `${clock(at)}: ${others.length ? `${others.length} more ${others.length === 1 ? 'step moves' : 'steps move'} along` : 'nothing else moves'}. ${found.status === 'late' ? found.sentences[0] : `Start ${clock(minuteOf(found.start!))}.`} Let go, or press Enter.`
  } else {
    tried.value = undefined
    said.value = refusal(found, at)
  }
}
/** Why a task cannot be done then, and the nearest time for it. */
function refusal(found: Plan, at: number) {
  const why = found.clashes.filter((each) => each.code !== 'pin').map((each) => each.words)
  const nearest = found.clashes.find((each) => each.code === 'pin')?.nearest ?? ''
  return `${clock(at)}: not possible. ${why.slice(0, 2).join(' ')} ${nearest}`
}
/** Whoever lets go before the answer is there waits for it: what cannot be done is not kept. */
async function drop() {
  const made = moving.value
  if (!made) return
  leave()
  const found = tested?.at === made.at ? tested.found : await open.look(pin(made.id, text(made.at)))
  if (found && !found.tasks) return say(`Nothing was moved. ${refusal(found, made.at)}`)
  if (await open.change(pin(made.id, text(made.at))))
    say(`It is fixed at ${clock(made.at)}.`, { word: 'Undo', run: () => void open.undo() })
}
function leave() {
  moving.value = undefined
  said.value = undefined
  open.letGo()
}
const pinHere = () => task.value && open.change(pin(task.value.id, text(minuteOf(task.value.start))))
const unpin = (id: string) =>
  open.change((copy) => void (copy.pins = (copy.pins ?? []).filter((each) => each.task !== id)))
function togglePin(id: string) {
  chosen.value = id
  if (task.value?.pinned) void unpin(id)
  else void pinHere()
}
const done = (id: string, start: string, end: string) =>
  open.change((copy) => {
    copy.done = [...(copy.done ?? []).filter((each) => each.task !== id), { task: id, start, end }]
    copy.pins = (copy.pins ?? []).filter((each) => each.task !== id)
  })
const undone = (id: string) =>
  open.change((copy) => void (copy.done = (copy.done ?? []).filter((each) => each.task !== id)))

/** What would help is looked for when it is asked for: it takes a plan for each. */
const help = shallowRef<Plan['relax']>()
const quick = shallowRef<Plan['quick']>()
const helping = ref(false)
async function askHelp() {
  helping.value = true
  const found = await open.look(() => undefined, 'relax,quick')
  helping.value = false
  help.value = found?.relax ?? []
  quick.value = found?.quick
}
const HELPS: Record<string, string> = {
  freezer: 'one more place in the freezer',
  fridge: 'one more shelf in the fridge',
  away: 'staying at home',
  hands: 'another pair of hands',
}
const helpWords = (limit: string) =>
  limit
    .split('+')
    .map((each) => HELPS[each] ?? each)
    .join(' and ')
/** What one limit less gives: a later start, or an earlier end. */
function gain(each: NonNullable<Plan['relax']>[number]) {
  const now = plan.value!
  if (now.mode === 'ready_by' && now.status === 'fits')
    return each.start === now.start ? 'no later start' : `start at ${shownAt(each.start)}`
  return each.ready === now.ready ? 'ready no sooner' : `ready at ${shownAt(each.ready)}`
}
const shownAt = (iso: string) => {
  const minute = minuteOf(iso)
  const other = dayIn(minute, plan.value!.zone) !== dayIn(minuteOf(plan.value!.at), plan.value!.zone)
  return `${other ? `${dayIn(minute, plan.value!.zone)}, ` : ''}${clock(minute)}`
}
const name = computed(() => request.value?.name ?? plan.value?.formulas.map((each) => each.name).join(', '))
function rename(field: HTMLInputElement) {
  const next = field.value.trim()
  if (next) void open.change((copy) => void (copy.name = next))
  else field.value = name.value ?? ''
}
const takeNewer = () =>
  open.change((copy) =>
    kept.value!.newer.forEach(({ index, version }) => void (copy.formulas[index]!.version = version)),
  )
async function remove() {
  try {
    await unwrap(api.DELETE('/api/plans/{id}', { params: { path: { id: open.id } } }))
    await router.push('/plans')
    say('The plan is deleted.', {
      word: 'Undo',
      run: async () => {
        await unwrap(api.POST('/api/plans/{id}/restore', { params: { path: { id: open.id } } }))
        await router.push(`/plans/${open.id}`)
      },
    })
  } catch (failure) {
    say((failure as Error).message)
  }
}
const print = () => window.print()
useShortcuts(() => [
  { keys: 'ctrl+z', what: 'Undo', run: () => void open.undo() },
  { keys: 'ctrl+shift+z', what: 'Redo', run: () => void open.redo() },
  { keys: 'p', what: 'Fix the chosen step, or let it move', run: () => chosen.value && togglePin(chosen.value) },
])
</script>

<template>
  <div class="plan-view">
    <p v-if="error" class="fault" role="alert">{{ error }}</p>
    <template v-if="plan && request">
      <header class="head">
        <h1 class="screen-reader">{{ name }}</h1>
        <input
          class="name"
          maxlength="120"
          aria-label="Name of the plan"
          :value="name"
          @change="rename($event.target as HTMLInputElement)"
        />
        <span class="tools">
          <button type="button" class="link-button" :disabled="!open.canUndo.value || busy" @click="open.undo()">
            Undo
          </button>
          <button type="button" class="link-button" :disabled="!open.canRedo.value || busy" @click="open.redo()">
            Redo
          </button>
          <a v-if="plan.tasks" :href="`/api/plans/${open.id}/calendar`" download>Calendar</a>
          <button type="button" class="link-button" @click="print">Print</button>
          <button type="button" class="link-button" @click="remove">Delete</button>
        </span>
      </header>
      <div class="said" aria-live="polite" :class="{ waiting: busy }">
        <p v-for="(sentence, at) in plan.sentences" :key="sentence" :class="at ? 'more' : 'sentence'" data-sentence>
          {{ sentence }}
        </p>
        <ul v-if="plan.clashes.length" class="clashes" data-clashes>
          <li v-for="clash in plan.clashes" :key="clash.words">
            {{ clash.words }} <b v-if="clash.nearest">{{ clash.nearest }}</b>
          </li>
        </ul>
        <p v-if="kept?.newer.length" class="more">
          A formula has been changed since.
          <button type="button" class="link-button" @click="takeNewer">Plan it as it is now</button>
        </p>
      </div>
      <div class="columns">
        <PlanSettings class="left" :plan="plan" :request="request" @change="open.change" />
        <div class="main">
          <div v-if="plan.tasks" class="panel line">
            <DayLine
              :plan="plan"
              :chosen="chosen"
              :moving="moving"
              :said="said"
              @choose="chosen = $event"
              @move="move"
              @drop="drop"
              @leave="leave"
              @pin="togglePin"
            />
          </div>
          <TaskCard
            v-if="task && !moving"
            :plan="plan"
            :task="task"
            @pin="pinHere"
            @unpin="unpin(task.id)"
            @done="(start, end) => done(task!.id, start, end)"
            @undone="undone(task.id)"
          />
          <p v-if="plan.tasks" class="quiet keys">
            Drag a step, or press ← → on it and Enter; P fixes it. Solid is work, hatched is waiting, a thin tail is
            time to spare.
          </p>
          <div v-if="plan.tasks" class="help">
            <Button
              v-if="!help"
              label="What would help?"
              severity="secondary"
              size="small"
              :loading="helping"
              @click="askHelp"
            />
            <ul v-else data-help>
              <li v-if="quick?.ready">If all goes fast, it is ready at {{ shownAt(quick.ready) }}.</li>
              <li v-for="each in help" :key="each.limit">With {{ helpWords(each.limit) }}: {{ gain(each) }}.</li>
              <li v-if="!help.length">
                Nothing of your kitchen holds it up: its own waits do, {{ duration(plan.figures?.bound ?? 0) }} at the
                least.
              </li>
            </ul>
          </div>
          <PlanAgenda v-if="plan.tasks" :plan="plan" />
          <PlanShopping :shopping="plan.shopping" />
        </div>
      </div>
    </template>
    <div v-else-if="!error" class="skeleton" />
  </div>
</template>

<style scoped>
.plan-view {
  padding: 10px 20px 40px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
}
.name {
  font-family: var(--heading);
  font-weight: 600;
  font-size: 1.375rem;
  border: 0;
  background: none;
  flex: 1;
  min-width: 0;
  border-radius: var(--radius-in);
  padding: 2px 4px;
}
.tools {
  display: flex;
  gap: 4px 14px;
  align-items: center;
  flex-wrap: wrap;
}
.said {
  margin: 2px 0 12px 4px;
}
.sentence {
  font-size: 1.25rem;
  font-family: var(--heading);
}
.more {
  color: var(--husk);
}
.waiting {
  opacity: 0.6;
}
.clashes li {
  padding-left: 14px;
}
.columns {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 22px;
  align-items: start;
}
.main {
  display: grid;
  gap: 14px;
}
.line {
  padding: 4px 10px 0;
}
.fault {
  color: var(--berry);
}
@media (max-width: 600px) {
  .head {
    flex-wrap: wrap;
    gap: 0 16px;
  }
  .name {
    flex-basis: 100%;
  }
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .left {
    order: 2;
  }
}
@page {
  size: A4 landscape;
  margin: 9mm;
}
@media print {
  .main {
    gap: 6px;
  }
  .line {
    border: 0;
    background: none;
  }
  .said {
    margin-bottom: 4px;
  }
  .left,
  .tools,
  .keys,
  .help {
    display: none;
  }
  .columns {
    grid-template-columns: 1fr;
  }
  .plan-view {
    padding: 0;
  }
}
</style>

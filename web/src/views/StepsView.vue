<script setup lang="ts">
/** Steps: the method, drafted from the formula, changed in place, with the same steps as a strip of time beside it. */
import { computed, nextTick, ref } from 'vue'
import StepRow from '@/components/steps/StepRow.vue'
import StripDrawing from '@/drawings/StripDrawing.vue'
import { useFormula } from '@/composables/useFormula'
import { useShortcuts } from '@/composables/useShortcuts'
import { useSteps } from '@/composables/useSteps'
import { say } from '@/composables/useNotice'
import { useStartMake } from '@/composables/useStartMake'
import { useStartPlan } from '@/composables/useStartPlan'
import { count, duration } from '@/format'

const formula = useFormula()
const { draft } = formula
const steps = useSteps(draft)
const { answer, error } = steps
const list = computed(() => answer.value?.steps ?? [])
const openId = ref<string>()
const rows = ref<InstanceType<typeof StepRow>[]>([])
const text = ref('')
/** Pixels of a minute: the longest fills what there is for it. */
const scale = computed(
  () => 190 / Math.max(...list.value.map((step) => step.hands_minutes + (step.wait?.least ?? 0)), 30),
)
const sentence = computed(() => {
  const said = answer.value
  if (!said || !list.value.length) return
  const work = `${duration(said.hands.minutes)} of work`
  return said.span_minutes === undefined
    ? `${work}.`
    : `${work} in ${duration(said.span_minutes)}, ${count(said.visits ?? 1, 'visit')} to the kitchen.`
})
const { start: startMake, starting: making } = useStartMake()
/** What stands here is what is made: it is saved first. */
async function make() {
  const version = await draft.save()
  if (version) await startMake(formula.id, version.id)
  else say(draft.error.value ?? 'It could not be saved.')
}
async function move(id: string, by: number) {
  const from = list.value.findIndex((step) => step.id === id)
  const to = from + by
  if (to < 0 || to >= list.value.length) return
  await steps.move(id, to)
  await nextTick()
  rows.value[to]?.focus()
}
async function add() {
  const said = text.value.trim()
  if (!said) return
  const after = openId.value ?? list.value.findLast((step) => step.step !== 'box')?.id
  text.value = ''
  await steps.add(after, said)
}
const dragged = ref<number>()
const over = ref<number>()
async function dropAt(at: number) {
  const from = dragged.value
  dragged.value = over.value = undefined
  if (from === undefined || from === at) return
  await steps.move(list.value[from]!.id, at)
}
const { start, starting } = useStartPlan()
useShortcuts(() => [
  { keys: 'ctrl+z', what: 'Undo', run: draft.undo, inFields: true },
  { keys: 'ctrl+shift+z', what: 'Redo', run: draft.history.redo, inFields: true },
  { keys: 'ctrl+s', what: 'Save', run: formula.save, inFields: true },
  { keys: 'Escape', what: 'Close the step', run: () => (openId.value = undefined), inFields: true },
])
</script>

<template>
  <div class="steps-view">
    <div class="main">
      <p v-if="error" class="fault" role="alert">{{ error }}</p>
      <template v-if="answer">
        <div class="head">
          <p v-if="sentence" class="sentence" data-sentence aria-live="polite">{{ sentence }}</p>
          <span v-if="list.length" class="starts">
            <Button
              label="Plan it"
              size="small"
              severity="secondary"
              :loading="starting"
              @click="start([formula.id])"
            />
            <Button label="Make it" size="small" :loading="making" @click="make" />
          </span>
        </div>
        <details v-if="answer.changes?.length" class="changes" data-changes>
          <summary>{{ count(answer.changes.length, 'step') }} changed since the saved version</summary>
          <ul>
            <li v-for="change in answer.changes" :key="change">{{ change }}</li>
          </ul>
        </details>
        <ol v-if="list.length" class="panel list">
          <li
            v-for="(step, at) in list"
            :key="step.id"
            draggable="true"
            :class="{ over: over === at }"
            @dragstart="dragged = at"
            @dragover.prevent="over = at"
            @drop.prevent="dropAt(at)"
            @dragend="dragged = over = undefined"
          >
            <StepRow
              ref="rows"
              :step="step"
              :open="openId === step.id"
              :scale="scale"
              :first="at === 0"
              :last="at === list.length - 1"
              @toggle="openId = openId === step.id ? undefined : step.id"
              @set="steps.set(step.id, $event)"
              @move="move(step.id, $event)"
              @drop="steps.drop(step)"
              @restore="steps.restore(step.id)"
              @reset="steps.reset(step.id)"
            />
          </li>
        </ol>
        <p v-else class="teach">
          There is nothing in the bowl yet. Type a line in Mix, and the steps are written here.
        </p>
        <form v-if="list.length" class="add" @submit.prevent="add">
          <label for="new-step">A step of your own{{ openId ? ', after the open one' : '' }}</label>
          <input id="new-step" v-model="text" class="plain-field" maxlength="400" placeholder="Wrap the tin in foil" />
          <Button type="submit" label="Add" severity="secondary" size="small" />
          <button
            v-if="answer.bakes"
            type="button"
            class="link-button"
            @click="
              steps.add(
                'press-' + (list.find((step) => step.step === 'press')?.component ?? ''),
                'Bake it at 175 °C',
                'bake',
              )
            "
          >
            Bake it, 20 minutes at 175 °C
          </button>
        </form>
        <p v-if="list.length" class="quiet">
          Drag a step, or press Alt and an arrow on it, to move it. Minutes are for one pair of hands; look at the
          piece, not the clock.
        </p>
      </template>
      <div v-else-if="!error" class="skeleton" />
    </div>
    <aside v-if="answer?.span_minutes" class="right" aria-label="As a strip of time">
      <StripDrawing :steps="list" :span="answer.span_minutes" :open="openId" />
    </aside>
  </div>
</template>

<style scoped>
.steps-view {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px;
  gap: 24px;
  padding: 14px 24px 40px;
  align-items: start;
  max-width: 1180px;
}
.main {
  display: grid;
  gap: 12px;
}
.starts {
  display: flex;
  gap: 8px;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: center;
}
.sentence {
  font-size: 1.125rem;
  font-family: var(--heading);
}
.list li:first-child :deep(.step) {
  border-top: 0;
}
.over {
  box-shadow: inset 0 3px 0 var(--elm);
}
.changes summary {
  cursor: pointer;
}
.changes li {
  padding: 2px 0 2px 18px;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
.add .plain-field {
  flex: 1 1 240px;
}
.right {
  position: sticky;
  top: 12px;
}
.fault {
  color: var(--berry);
}
@media (max-width: 700px) {
  .steps-view {
    grid-template-columns: minmax(0, 1fr);
    padding-inline: 16px;
  }
  .right {
    display: none;
  }
}
</style>

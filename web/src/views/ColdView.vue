<script setup lang="ts">
/** Cold: when it is ready for the next touch, how long it may be out, how warm it can get, where it lives. */
import { computed, ref } from 'vue'
import ShapeFindings from '@/components/shape/ShapeFindings.vue'
import WhyDialog from '@/components/frame/WhyDialog.vue'
import JourneyStrip from '@/components/cold/JourneyStrip.vue'
import KeepPanel from '@/components/cold/KeepPanel.vue'
import OutOfCold from '@/components/cold/OutOfCold.vue'
import ReadyTable from '@/components/cold/ReadyTable.vue'
import ChillDrawing from '@/drawings/ChillDrawing.vue'
import HoldDrawing from '@/drawings/HoldDrawing.vue'
import SolidDrawing from '@/drawings/SolidDrawing.vue'
import { useAttention } from '@/composables/useAttention'
import { useCold } from '@/composables/useCold'
import { useFormula } from '@/composables/useFormula'
import { useShortcuts } from '@/composables/useShortcuts'

const formula = useFormula()
const { draft } = formula
const { answer, error, setLives, setJourney } = useCold(draft)
const { mend } = useAttention(draft)
const document = draft.document
const cold = computed(() => answer.value?.cold)
const keep = computed(() => answer.value?.keep)
const leading = computed(() => cold.value?.steps.find((step) => step.id === cold.value?.step))
const journey = computed(() => document.value.journey ?? [])
/** The curve is drawn where something has to get colder. */
const chills = computed(
  () => leading.value && [leading.value.freezer, leading.value.fridge].some((each) => each.ready || each.practice),
)
const whyShown = ref(false)
useShortcuts(() => [
  { keys: 'ctrl+z', what: 'Undo', run: draft.undo, inFields: true },
  { keys: 'ctrl+shift+z', what: 'Redo', run: draft.history.redo, inFields: true },
  { keys: 'ctrl+s', what: 'Save', run: formula.save, inFields: true },
])
</script>

<template>
  <div class="cold-view">
    <div class="main">
      <p v-if="error" class="fault" role="alert">{{ error }}</p>
      <template v-if="cold">
        <p class="sentence" data-sentence aria-live="polite">
          {{ cold.sentence }} <button type="button" class="link-button" @click="whyShown = true">Why</button>
        </p>
        <ShapeFindings :findings="answer?.findings ?? []" @mend="mend" />
        <section v-if="cold.steps.length" aria-labelledby="ready-title">
          <h2 id="ready-title" class="screen-reader">When it is ready</h2>
          <ChillDrawing
            v-if="leading && chills && cold.curves.length"
            :curves="cold.curves"
            :step="leading"
            :places="cold.places"
          />
          <ReadyTable :steps="cold.steps" />
        </section>
        <p v-else class="teach">Choose a shape, and the minutes in the cold are reckoned.</p>
        <section aria-labelledby="hold-title">
          <h2 id="hold-title">How warm it can get</h2>
          <HoldDrawing
            :parts="cold.parts"
            :hold="cold.hold"
            :places="cold.places"
            :holds-to="cold.holds_to_c"
            :fails-first="cold.fails_first"
            :journey="journey"
          />
        </section>
        <JourneyStrip :stretches="journey" :results="cold.journey" :from="cold.journey_from" @change="setJourney" />
        <OutOfCold v-if="cold.out.length" :out="cold.out" :spooned="leading?.touch === 'spoon'" />
        <details v-if="cold.solid_fat.length" class="fats">
          <summary>How much of its fat is solid</summary>
          <div class="curves">
            <SolidDrawing v-for="curve in cold.solid_fat" :key="curve.component" :curve="curve" />
          </div>
        </details>
        <p v-for="note in cold.notes" :key="note" class="quiet">{{ note }}</p>
        <p class="quiet">
          Estimates: a touch decides, not the clock. Minutes are for one tray or tin, with small pieces close together.
        </p>
      </template>
      <p v-else-if="answer" class="teach">
        There is nothing in the bowl yet. Type a line in Mix, and its cold is reckoned here.
      </p>
      <div v-else-if="!error" class="skeleton" />
    </div>
    <WhyDialog v-model:visible="whyShown" :steps="cold?.why ?? []" />
    <aside class="right" aria-label="Keeping">
      <KeepPanel v-if="keep" :keep="keep" :lives="answer?.lives ?? 'fridge'" @lives="setLives" />
    </aside>
  </div>
</template>

<style scoped>
.cold-view {
  display: grid;
  grid-template-columns: minmax(0, 68fr) minmax(0, 32fr);
  gap: 24px;
  padding: 14px 24px 40px;
  align-items: start;
}
.main {
  display: grid;
  gap: 16px;
}
.sentence {
  font-size: 1.125rem;
  font-family: var(--heading);
  max-width: 62ch;
}
.fault {
  color: var(--berry);
}
summary {
  cursor: pointer;
  font-weight: 600;
}
.curves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 16px;
  margin-top: 8px;
}
@media (max-width: 1000px) {
  .cold-view {
    grid-template-columns: minmax(0, 1fr);
    padding-inline: 16px;
  }
}
</style>

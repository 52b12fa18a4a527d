<script setup lang="ts">
/** The sums behind the level: each formula with the numbers that went into it and where they come from. */
import { computed } from 'vue'
import type { Why } from '@/api/client'
import { figure, words } from '@/format'

const props = defineProps<{ steps: Why[] }>()
const visible = defineModel<boolean>('visible', { required: true })
const several = computed(() => new Set(props.steps.flatMap((step) => step.component ?? [])).size > 1)
const NAMES: Record<string, string> = {
  demand_ml: 'What the dry side takes, mL',
  binder_ml: 'What the binder offers, mL',
  saturation: 'Fill',
  texture_number: 'Place on the scale of textures (3 begins to roll)',
  grease: 'Grease',
  size: 'Size of the change',
  kcal: 'Energy of a piece, kcal',
  sugars: 'Sugar of a piece, g',
  free_sugars: 'Free sugar of a piece, g',
  protein: 'Protein of a piece, g',
  fat: 'Fat of a piece, g',
  fibre: 'Fibre of a piece, g',
  sweetness: 'Sweetness, % beside sugar',
  cost: 'Cost of a piece',
  grams: 'Weight of it all, g',
  pieces: 'Pieces, before the rest is left over',
  seen_demand_ml: 'What the dry side takes, set right by the eye, mL',
  seen_binder_ml: 'What the binder offers, set right by the eye, mL',
  seen_saturation: 'Fill, as it looks',
  dose: 'The dose, g',
  dose_low: 'The least that it may be, g',
  dose_high: 'The most that it may be, g',
  share: 'What the trial is of the bowl',
  density: 'Density, g a mL',
  piece_ml: 'One piece, mL',
  body_ml: 'One piece as it is drawn, mL',
  over_grams: 'Left over, g',
  shell_density: 'Density of the coat, kg/m³',
  film_mm: 'What does not run off, mm',
  frozen_mm: 'What freezes on, mm',
  grams_needed: 'Coat on all of them, g',
  grams_with_spare: 'To have ready, g',
  ready_from_freezer: 'Ready in the freezer, minutes from',
  ready_to_freezer: 'Ready in the freezer, minutes to',
  ready_from_fridge: 'Ready in the fridge, minutes from',
  ready_to_fridge: 'Ready in the fridge, minutes to',
  firmness_kpa: 'Firmness where it just holds, kPa',
  ln_water_activity: 'Water activity, its logarithm',
}
const name = (id: string) => NAMES[id] ?? `${words(id.replace('_ml', ''))}, mL`
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    header="Why"
    :style="{ width: 'min(720px, 94vw)' }"
    :dismissable-mask="true"
    :pt="{ content: { tabindex: 0 } }"
  >
    <div v-for="step in steps" :key="`${step.component} ${step.figure}`" class="step">
      <h2>
        <template v-if="several && step.component">{{ step.component }}: </template>{{ name(step.figure) }} =
        <span class="figure">{{ figure(step.value, 3) }}</span>
      </h2>
      <code>{{ step.formula }}</code>
      <ul class="inputs">
        <li v-for="(value, input) in step.inputs" :key="input">
          <code>{{ input }}</code> <span class="figure">{{ figure(value, 4) }}</span>
          <span class="quiet">{{ step.labels[input] }}</span>
        </li>
      </ul>
      <p class="quiet">{{ step.source }}</p>
    </div>
  </Dialog>
</template>

<style scoped>
.step {
  padding: 10px 0;
  border-top: 1px solid var(--bran);
}
h2 {
  font-size: 1rem;
  margin-bottom: 4px;
}
code {
  font-family: var(--face);
  background: var(--oat);
  padding: 1px 6px;
  border-radius: var(--radius-in);
}
.inputs {
  margin: 6px 0;
}
.inputs li {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
</style>

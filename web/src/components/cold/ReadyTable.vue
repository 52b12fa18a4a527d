<script setup lang="ts">
/** Each stay in the cold: minutes in the freezer and in the fridge, what cooks give, and the touch that decides. */
import type { ChillReady, ChillStep } from '@/api/client'

defineProps<{ steps: ChillStep[] }>()
const STATES: Record<string, string> = { already_firm: 'firm already', will_not_firm: 'not here' }
const range = ([least, most]: number[]) => (least === most ? `${least}` : `${least} to ${most}`)
const said = (ready: ChillReady) => (ready.ready ? `${range(ready.ready)} min` : STATES[ready.state])
/** Reasons of what is not simply ready, each once. */
const reasons = (step: ChillStep) => [
  ...new Set([step.freezer, step.fridge].filter((each) => each.state === 'will_not_firm').map((each) => each.why)),
]
</script>

<template>
  <table class="ready" data-ready>
    <thead>
      <tr>
        <th scope="col">Chill</th>
        <th scope="col">Freezer</th>
        <th scope="col">Fridge</th>
        <th scope="col">Cooks give</th>
        <th scope="col">You know it by</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="step in steps" :key="`${step.id} ${step.component}`">
        <tr :data-step="step.id">
          <th scope="row">
            {{ step.component }} <span class="quiet">{{ step.words }}</span>
          </th>
          <td class="figure">{{ said(step.freezer) }}</td>
          <td class="figure">{{ said(step.fridge) }}</td>
          <td>
            <template v-if="step.freezer.practice">{{ range(step.freezer.practice) }} min freezer</template>
            <template v-if="step.freezer.practice && step.fridge.practice">, </template>
            <template v-if="step.fridge.practice">{{ range(step.fridge.practice) }} min fridge</template>
            <span v-if="!step.freezer.practice && !step.fridge.practice" class="quiet">–</span>
          </td>
          <td>{{ step.touch_test }}</td>
        </tr>
        <tr v-for="reason in reasons(step)" :key="reason" class="why">
          <td colspan="5">{{ reason }}</td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
.ready {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}
th,
td {
  text-align: left;
  padding: 5px 10px 5px 0;
  border-top: 1px solid var(--bran);
  vertical-align: top;
  font-weight: 400;
}
thead th {
  border-top: 0;
  color: var(--husk);
  font-size: 0.875rem;
}
tbody th {
  font-weight: 600;
}
tbody th .quiet {
  font-weight: 400;
}
.why td {
  border-top: 0;
  padding-top: 0;
  color: var(--date);
  font-size: 0.875rem;
}
@media (max-width: 700px) {
  .ready th:nth-child(n + 4),
  .ready td:nth-child(n + 4) {
    display: none;
  }
}
</style>

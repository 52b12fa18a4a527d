<script setup lang="ts">
/** The plans that there are, the latest hour first, and a way to begin one. */
import { ref } from 'vue'
import { api, unwrap, type PlanRow } from '@/api/client'
import ActionMenu from '@/components/frame/ActionMenu.vue'
import { useStartPlan } from '@/composables/useStartPlan'
import { when } from '@/format'

const rows = ref<PlanRow[]>()
const error = ref<string>()
const { start } = useStartPlan()
const names = ref<{ id: number; word: string }[]>([])
unwrap(api.GET('/api/plans'))
  .then((answer) => (rows.value = answer.rows))
  .catch((failure: Error) => (error.value = failure.message))
async function listFormulas() {
  names.value = (await unwrap(api.GET('/api/formula-names'))).map((each) => ({ id: each.id, word: each.name }))
}
const STANDS: Record<string, string> = { fits: 'fits', late: 'late', none: 'no plan' }
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Plans</h1>
      <ActionMenu
        label="Plan a formula"
        placeholder="Plan a formula"
        :choices="names"
        @open="listFormulas"
        @choose="start([$event])"
      />
    </div>
    <p v-if="error" role="alert">{{ error }}</p>
    <ul v-else-if="rows?.length" class="plans">
      <li v-for="plan in rows" :key="plan.id">
        <RouterLink :to="`/plans/${plan.id}`">{{ plan.name }}</RouterLink>
        <span class="quiet">{{ plan.mode === 'ready_by' ? 'ready by' : 'start at' }} {{ when(plan.at) }}</span>
        <span class="quiet">{{ plan.start ? `begins ${when(plan.start)}` : '' }}</span>
        <span>{{ STANDS[plan.status] }}</span>
      </li>
    </ul>
    <p v-else-if="rows" class="teach">
      Nothing is planned. Choose a formula, say when it must be ready, and see when to start and what fits into your
      kitchen.
    </p>
    <div v-else class="skeleton" aria-hidden="true" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 16px;
}
.plans li {
  display: grid;
  grid-template-columns: minmax(0, 4fr) minmax(0, 3fr) minmax(0, 3fr) minmax(0, 1fr);
  gap: 12px;
  padding: 9px 0;
  border-top: 1px solid var(--bran);
}
@media (max-width: 700px) {
  .plans li {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>

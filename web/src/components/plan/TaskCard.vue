<script setup lang="ts">
/** One task of a plan: when, what holds it, how far it can go; fixed at a time, or done, by a press. */
import { ref, watch } from 'vue'
import type { Plan, PlanTask } from '@/api/client'
import { minuteOf } from '@/drawings/dayScale'
import { clockIn, wallIn } from '@/format'

const props = defineProps<{ plan: Plan; task: PlanTask }>()
const emit = defineEmits<{ pin: [at?: string]; unpin: []; done: [start: string, end: string]; undone: [] }>()

const clock = (iso: string) => clockIn(minuteOf(iso), props.plan.zone)
const start = ref('')
const end = ref('')
watch(
  () => props.task,
  (task) => {
    start.value = wallIn(minuteOf(task.start), props.plan.zone)
    end.value = wallIn(minuteOf(task.end), props.plan.zone)
  },
  { immediate: true },
)
</script>

<template>
  <section class="card" aria-label="The chosen step" data-card>
    <h2>{{ task.step }}</h2>
    <p>
      {{ clock(task.start) }} to {{ clock(task.end) }}, {{ plan.formulas[task.formula]?.name }}.
      <em v-if="task.right_when">Right when: {{ task.right_when }}.</em>
    </p>
    <p v-if="task.room" class="quiet">{{ task.room }}</p>
    <div class="tools">
      <Button v-if="task.pinned" label="Let it move" severity="secondary" size="small" @click="emit('unpin')" />
      <Button v-else-if="!task.done" label="Fix it here" severity="secondary" size="small" @click="emit('pin')" />
      <template v-if="!task.done">
        <label>began <input v-model="start" type="datetime-local" class="plain-field" /></label>
        <label>ended <input v-model="end" type="datetime-local" class="plain-field" /></label>
        <Button
          label="It is done"
          severity="secondary"
          size="small"
          :disabled="!start || !end"
          @click="emit('done', start, end)"
        />
      </template>
      <Button v-else label="It is not done" severity="secondary" size="small" @click="emit('undone')" />
    </div>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  gap: 4px;
  padding: 10px 14px;
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  background: var(--milk);
}
h2 {
  font-size: 1rem;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  font-size: 0.9375rem;
}
.plain-field {
  padding: 3px 6px;
}
@media (pointer: coarse) {
  .plain-field {
    min-height: 44px;
  }
}
</style>

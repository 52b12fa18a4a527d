<script setup lang="ts">
/** The plan in words: by visits to the kitchen, what when. It is what a screen reader reads and what is printed. */
import { computed } from 'vue'
import type { Plan } from '@/api/client'
import { minuteOf } from '@/drawings/dayScale'
import { clockIn, count, dayIn, duration } from '@/format'

const props = defineProps<{ plan: Plan }>()
const clock = (iso: string) => clockIn(minuteOf(iso), props.plan.zone)
const visits = computed(() =>
  (props.plan.visits ?? []).map((visit, at) => ({
    ...visit,
    number: at + 1,
    day: dayIn(minuteOf(visit.start), props.plan.zone),
    minutes: minuteOf(visit.end) - minuteOf(visit.start),
    tasks: (props.plan.tasks ?? []).filter((task) => task.visit === at + 1),
  })),
)
const ready = computed(() => (props.plan.tasks ?? []).filter((task) => task.kind === 'mark'))
const letter = (at: number) => String.fromCharCode(65 + at)
</script>

<template>
  <section aria-labelledby="agenda-title" class="agenda" data-agenda>
    <h2 id="agenda-title">By the clock</h2>
    <p v-if="plan.formulas.length > 1" class="legend">
      <span v-for="formula in plan.formulas" :key="formula.index"
        ><b>{{ letter(formula.index) }}</b> {{ formula.name }}, {{ formula.words }}</span
      >
    </p>
    <div class="visits">
      <div v-for="visit in visits" :key="visit.number" class="visit">
        <h3>
          {{ visit.day }}, {{ clock(visit.start) }} to {{ clock(visit.end) }}
          <span class="quiet">{{ duration(visit.minutes) }}</span>
        </h3>
        <ol>
          <li v-for="task in visit.tasks" :key="task.id">
            <span class="figure">{{ clock(task.start) }}</span>
            <span
              ><b v-if="plan.formulas.length > 1">{{ letter(task.formula) }} </b>{{ task.step }}
              <em v-if="task.right_when" class="quiet">{{ task.right_when }}</em></span
            >
          </li>
        </ol>
      </div>
    </div>
    <p class="quiet">
      {{ count(visits.length, 'visit') }}.
      <span v-for="mark in ready" :key="mark.id">{{ mark.step }} {{ clock(mark.start) }}. </span>
    </p>
  </section>
</template>

<style scoped>
.agenda {
  display: grid;
  gap: 8px;
}
.visits {
  columns: 300px;
  column-gap: 28px;
}
.visit {
  margin-bottom: 12px;
}
h3 {
  break-after: avoid;
}
li {
  break-inside: avoid;
}
h3 {
  font-size: 0.9375rem;
  margin-bottom: 2px;
}
li b {
  margin-right: 6px;
}
li {
  display: grid;
  grid-template-columns: 46px minmax(0, 1fr);
  font-size: 0.9375rem;
  padding: 2px 0;
  border-top: 1px solid var(--bran);
}
em {
  font-size: 0.875rem;
}
.legend {
  display: none;
}
@media print {
  .legend {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
    font-size: 9pt;
  }
  .visits {
    columns: 4;
    column-gap: 14px;
  }
  .visit {
    margin-bottom: 6px;
  }
  em,
  .agenda > .quiet {
    display: none;
  }
  li {
    grid-template-columns: 34px minmax(0, 1fr);
    font-size: 8.5pt;
    line-height: 1.2;
    padding: 0;
  }
}
</style>

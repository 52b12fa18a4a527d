<script setup lang="ts">
/** The answers side by side: what changes, what every figure was and becomes, why it is the least; or which wishes clash. */
import { computed, ref } from 'vue'
import type { BalanceAnswer, Library, Why } from '@/api/client'
import type { Balancing } from '@/composables/useBalance'
import { LONGEST } from '@/composables/useBalance'
import { figureRows, type FigureRow } from './figureRows'
import ClashNote from './ClashNote.vue'
import WhyDialog from './WhyDialog.vue'

const props = defineProps<{ balancing: Balancing; library?: Library; currency?: string }>()
const { balance, running, hurried, error, trying, wishes } = props.balancing
const answers = computed(() => balance.value?.answers ?? [])
const NAMES = ['The least', 'Another way', 'A third']
const same = computed(() => answers.value.length === 1 && !answers.value[0]!.changes.length)
const kept = computed(() => balance.value?.wishes.filter((wish) => wish.kept) ?? [])
const rows = computed<FigureRow[]>(() =>
  figureRows(
    answers.value.map((answer) => answer.after),
    answers.value[0]?.before,
    props.library,
  ),
)
const sums = ref<Why[]>([])
const asked = ref(false)
/** The sums of a figure: all that lead to a texture, the one of any other. */
const sumsOf = (answer: BalanceAnswer, row: { key?: string; part?: string }) =>
  answer.sums.filter((sum) =>
    row.key === 'saturation'
      ? sum.component === row.part && sum.figure !== 'grease'
      : sum.figure === row.key && (sum.component === undefined || sum.component === row.part),
  )
function open(answer: BalanceAnswer, row: { key?: string; part?: string }) {
  sums.value = sumsOf(answer, row)
  asked.value = true
}
const listed = (answer: BalanceAnswer) =>
  answer.changes.map((change) => ({
    ...change,
    part: answer.changes.some((other) => other.component !== change.component) ? change.component : '',
  }))
</script>

<template>
  <section class="balance" aria-labelledby="balance-title">
    <header>
      <h2 id="balance-title">The least change</h2>
      <div v-if="running" class="progress" role="status">
        <span>{{ hurried ? 'One stands; looking for a smaller and for others …' : 'Looking …' }}</span>
        <span class="track" aria-hidden="true"><span :style="{ animationDuration: `${LONGEST}ms` }" /></span>
        <Button label="Cancel" severity="secondary" size="small" @click="balancing.callOff()" />
      </div>
      <Button v-else-if="wishes.length" label="Look again" severity="secondary" size="small" @click="balancing.ask()" />
      <Button label="Back to the lines" severity="secondary" size="small" @click="balancing.close()" />
    </header>

    <p v-if="error" class="banner wrong" role="alert">{{ error }}</p>
    <div v-else-if="!wishes.length" class="teach">
      <p>Say above what you want of it: “rolls”, “less sweet”, “under 90 kcal”, “no peanut”, “24 pieces”, “cheaper”.</p>
    </div>
    <p v-else-if="!balance && !running" class="quiet">What you want, or what is in it, has changed: look again.</p>
    <p v-else-if="same" class="quiet">{{ answers[0]!.why }}</p>

    <div v-if="answers.length && !same" class="scroll" role="region" aria-label="Answers side by side" tabindex="0">
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col" class="now">Now</th>
            <th v-for="(_, at) in answers" :key="at" scope="col" :class="{ tried: trying === at }">
              {{ hurried ? 'The first found' : NAMES[at] }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr class="changes">
            <th scope="row">What changes</th>
            <td class="quiet">nothing</td>
            <td v-for="(answer, at) in answers" :key="at" :class="{ tried: trying === at }">
              <ul>
                <li v-for="change in listed(answer)" :key="change.text + change.component">
                  <span v-if="change.part" class="quiet">{{ change.part }}: </span>
                  <template v-if="change.kind === 'instead'"
                    >{{ change.now }} <span class="quiet">instead of {{ change.was }}</span></template
                  >
                  <template v-else
                    ><strong>{{ change.text }}</strong>
                    <span v-if="change.was && change.now" class="quiet"> → {{ change.now }}</span></template
                  >
                </li>
              </ul>
              <div class="act">
                <Button
                  :label="trying === at ? 'Take off' : 'Try on'"
                  title="Show it on the Cup; the draft stays as it is"
                  size="small"
                  severity="secondary"
                  :aria-pressed="trying === at"
                  @click="balancing.tryOn(at)"
                />
                <Button label="Apply" size="small" @click="balancing.take(at)" />
              </div>
            </td>
          </tr>
          <tr v-for="row in rows" :key="row.name">
            <th scope="row">{{ row.name }}</th>
            <td class="figure">{{ row.before }}</td>
            <td
              v-for="(value, at) in row.after"
              :key="at"
              class="figure"
              :class="{ tried: trying === at, moved: value !== row.before && value !== 'the same' }"
            >
              <button
                v-if="row.key && sumsOf(answers[at]!, row).length"
                type="button"
                class="sum"
                :aria-label="`${row.name}, ${value}: show the sum`"
                @click="open(answers[at]!, row)"
              >
                {{ value }}
              </button>
              <template v-else>{{ value }}</template>
            </td>
          </tr>
          <tr class="why">
            <th scope="row">Why this</th>
            <td />
            <td v-for="(answer, at) in answers" :key="at" :class="{ tried: trying === at }">
              {{ answer.why }}
              <button type="button" class="link-button" @click="open(answer, { key: 'size' })">
                Size {{ answer.size.toFixed(2) }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>

    <p v-if="answers.length && !same" class="quiet">Energy, what it is made of, and cost are of one piece.</p>
    <ClashNote
      v-for="clash in balance?.clashes ?? []"
      :key="clash.words"
      :clash="clash"
      :wishes="wishes"
      @relax="balancing.relax($event)"
    />
    <p v-for="note in balance?.notes ?? []" :key="note" class="quiet">{{ note }}</p>
    <p v-if="kept.length && answers.length && !same" class="quiet">
      Not asked, and kept to all the same: {{ kept.map((wish) => wish.words).join('; ') }}.
    </p>
    <WhyDialog v-model:visible="asked" :steps="sums" />
  </section>
</template>

<style scoped>
.balance {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  padding: 12px 16px 16px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin-bottom: 8px;
}
header h2 {
  margin: 0;
  margin-right: auto;
}
.progress {
  display: flex;
  align-items: center;
  gap: 10px;
  color: var(--husk);
}
.track {
  width: 110px;
  height: 6px;
  border-radius: 3px;
  background: var(--bran);
  overflow: hidden;
}
.track span {
  display: block;
  height: 6px;
  background: var(--elm);
  animation: fill linear forwards;
}
@keyframes fill {
  from {
    width: 0;
  }
  to {
    width: 100%;
  }
}
@media (prefers-reduced-motion: reduce) {
  .track span {
    animation: none;
    width: 50%;
  }
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  font-size: 0.9375rem;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 3px 8px;
  border-top: 1px solid var(--bran);
}
thead th,
thead td {
  border-top: 0;
  font-family: var(--heading);
}
tbody th {
  font-weight: 400;
  color: var(--husk);
  white-space: nowrap;
}
td.figure {
  color: var(--husk);
  white-space: normal;
}
td.moved {
  color: var(--cocoa);
  font-weight: 600;
}
.tried {
  background: var(--elm-tint);
}
.changes td {
  min-width: 164px;
}
.changes .quiet:not(span) {
  min-width: 0;
}
.changes li {
  padding: 1px 0;
}
.act {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 8px 0 4px;
}
.sum {
  font: inherit;
  text-align: left;
  font-weight: inherit;
  color: inherit;
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
  text-decoration: underline dotted var(--husk);
  text-underline-offset: 3px;
}
.why td {
  font-size: 0.9375rem;
}
</style>

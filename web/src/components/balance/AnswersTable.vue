<script setup lang="ts">
/** Answers side by side: what changes, what every figure was and becomes with its sum behind it, why each is the least. */
import { computed, ref } from 'vue'
import type { BalanceAnswer, Library, Why } from '@/api/client'
import { figureRows, type FigureRow } from '@/components/figures/figureRows'
import WhyDialog from '@/components/frame/WhyDialog.vue'

const props = defineProps<{
  answers: BalanceAnswer[]
  /** The first was found in haste. */
  hurried: boolean
  /** Which is tried on. */
  trying?: number
  library?: Library
}>()
const emit = defineEmits<{ tryOn: [at: number]; take: [at: number] }>()
const NAMES = ['Smallest change', 'Another way', 'A third way']
const rows = computed<FigureRow[]>(() => figureRows(props.answers, props.library))
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
type Listed = BalanceAnswer['changes'][number] & { part: string }
/** What moves, and apart from it what only goes with the size of the batch; the part is named where there are several. */
const listed = (answer: BalanceAnswer) => {
  const several = new Set(answer.changes.map((change) => change.component).filter(Boolean)).size > 1
  const all: Listed[] = answer.changes.map((change) => ({ ...change, part: several ? (change.component ?? '') : '' }))
  return { moved: all.filter((change) => !change.only_size), sized: all.filter((change) => change.only_size) }
}
const lines = (count: number) => (count === 1 ? '1 line' : `${count} lines`)
</script>

<template>
  <div>
    <div class="scroll" role="region" aria-label="Answers side by side" tabindex="0">
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col" class="now">Now</th>
            <th v-for="(_, at) in answers" :key="at" scope="col" :class="{ tried: trying === at }">
              {{ hurried ? 'First found' : NAMES[at] }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr class="changes">
            <th scope="row">What changes</th>
            <td class="quiet">nothing</td>
            <td v-for="(answer, at) in answers" :key="at" :class="{ tried: trying === at }">
              <details v-if="listed(answer).sized.length" class="sized" :open="!listed(answer).moved.length">
                <summary>The batch × {{ +answer.times!.toFixed(2) }}: {{ lines(listed(answer).sized.length) }}</summary>
                <ul>
                  <li v-for="change in listed(answer).sized" :key="change.text + change.component">
                    <span v-if="change.part" class="quiet">{{ change.part }}: </span>{{ change.now }}
                  </li>
                </ul>
              </details>
              <ul>
                <li v-for="change in listed(answer).moved" :key="change.text + change.component">
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
                  :label="trying === at ? 'Stop preview' : 'Preview'"
                  title="Show it on the Cup; the draft stays as it is"
                  size="small"
                  severity="secondary"
                  :aria-pressed="trying === at"
                  @click="emit('tryOn', at)"
                />
                <Button label="Apply" size="small" @click="emit('take', at)" />
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
            <th scope="row">Why</th>
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
    <WhyDialog v-model:visible="asked" :steps="sums" />
  </div>
</template>

<style scoped>
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
.sized {
  margin-bottom: 2px;
}
.sized summary {
  cursor: pointer;
  min-height: 24px;
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

<script setup lang="ts">
/** What can stand in for a line: for a reason, each with the amount that keeps the texture and what else it does. */
import { computed, ref, shallowRef, watch } from 'vue'
import { api, unwrap, type AssessedLine, type Library, type Substitutes, type Why } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { figureRows } from '@/components/figures/figureRows'
import WhyDialog from '@/components/frame/WhyDialog.vue'

type Candidate = Substitutes['candidates'][number]
const props = defineProps<{ line?: AssessedLine; document: FormulaDocument; library: Library }>()
const emit = defineEmits<{ take: [candidate: Candidate]; close: [] }>()
const open = computed({ get: () => !!props.line, set: (value) => value || emit('close') })
const reason = ref<string>()
const answer = shallowRef<Substitutes>()
const error = ref<string>()
const looking = ref(false)
watch(open, () => {
  reason.value = answer.value = error.value = undefined
})
const REASON_WORDS: Record<string, string> = { 'out-of-stock': 'there is none left', 'lower-sugar': 'for less sugar' }
const reasons = computed(() =>
  ['out-of-stock', ...props.library.reasons.filter((id) => id !== 'out-of-stock')].map((id) => ({
    id,
    word: REASON_WORDS[id] ?? id,
  })),
)
const sums = ref<Why[]>([])
const summing = ref(false)
let asked = 0
async function look(why: string) {
  reason.value = why
  answer.value = error.value = undefined
  looking.value = true
  const mine = ++asked
  try {
    const body = { document: props.document, line: props.line!.ingredient!, reason: why }
    const found = await unwrap(api.POST('/api/substitute', { body }))
    if (mine === asked) answer.value = found
  } catch (failure) {
    if (mine === asked) error.value = (failure as Error).message
  } finally {
    if (mine === asked) looking.value = false
  }
}
/** The same rows for every candidate; a figure that no candidate moves is left out. */
const rows = computed(() =>
  figureRows(answer.value?.candidates ?? [], props.library).filter((row) =>
    row.after.some((said) => said !== row.before && said !== 'the same'),
  ),
)
const others = (candidate: Candidate) => candidate.changes.filter((change) => change.kind !== 'instead')
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`Substitutes for ${line?.name?.toLowerCase() ?? ''}`"
    :style="{ width: 'min(960px, 94vw)' }"
    :dismissable-mask="true"
    :close-on-escape="!summing"
    :pt="{ content: { tabindex: 0 } }"
  >
    <p class="quiet">{{ line?.text }}</p>
    <label class="why"
      ><span>Why</span>
      <Select
        aria-label="Why it is replaced"
        :model-value="reason"
        :options="reasons"
        option-label="word"
        option-value="id"
        placeholder="say why"
        autofocus
        @update:model-value="look($event)"
      />
    </label>
    <div v-if="looking" class="skeleton" aria-hidden="true" />
    <p v-if="error" role="alert" class="banner wrong">{{ error }}</p>
    <template v-if="answer">
      <p v-for="note in answer.notes" :key="note" class="quiet">{{ note }}</p>
      <div v-if="answer.candidates.length" class="scroll" role="region" aria-label="Substitutes" tabindex="0">
        <table class="found" aria-live="polite">
          <thead>
            <tr>
              <td />
              <th scope="col">Now</th>
              <th
                v-for="each in answer.candidates"
                :key="each.ingredient"
                scope="col"
                :data-candidate="each.ingredient"
              >
                {{ each.name }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">Take</th>
              <td>{{ line?.text }}</td>
              <td v-for="each in answer.candidates" :key="each.ingredient" :data-candidate="each.ingredient">
                <strong>{{ each.text }}</strong>
                <p v-for="change in others(each)" :key="change.text">and {{ change.text }}</p>
                <p v-if="each.here === false" class="quiet">not ticked as something you have</p>
                <Button label="Use it" size="small" :aria-label="`Use it: ${each.name}`" @click="emit('take', each)" />
              </td>
            </tr>
            <tr v-for="row in rows" :key="row.name">
              <th scope="row">{{ row.name }}</th>
              <td>{{ row.before }}</td>
              <td
                v-for="(said, at) in row.after"
                :key="at"
                :class="{ moved: said !== row.before && said !== 'the same' }"
              >
                {{ said }}
              </td>
            </tr>
            <tr>
              <th scope="row">Good to know</th>
              <td />
              <td v-for="each in answer.candidates" :key="each.ingredient">
                {{ each.why }}
                <button type="button" class="link-button" @click="((sums = each.sums), (summing = true))">
                  The sums<span class="screen-reader"> of {{ each.name }}</span>
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <details v-if="answer.refused.length" class="quiet">
        <summary>Tried, and why not</summary>
        <ul>
          <li v-for="refusal in answer.refused" :key="refusal.ingredient">{{ refusal.name }}: {{ refusal.why }}.</li>
        </ul>
      </details>
    </template>
    <WhyDialog v-model:visible="summing" :steps="sums" />
  </Dialog>
</template>

<style scoped>
.why {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 8px 0 12px;
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}
th,
td {
  min-width: 120px;
  padding: 5px 8px;
  text-align: left;
  vertical-align: top;
  border-top: 1px solid var(--bran);
}
thead th,
thead td {
  border-top: 0;
  font-family: var(--heading);
}
tbody th {
  min-width: 0;
  font-weight: 400;
  color: var(--husk);
}
.moved {
  font-weight: 600;
}
td .p-button {
  display: block;
  margin-top: 6px;
}
</style>

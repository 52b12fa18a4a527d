<script setup lang="ts">
/** What can stand in for a line: for a reason, each with the amount that keeps the texture and what else it does. */
import { computed, ref, shallowRef, watch } from 'vue'
import { api, unwrap, type AssessedLine, type Library, type Substitutes, type Why } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { figureRows, UNPRICED } from '@/components/figures/figureRows'
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
/** What it changes, in few words: only the figures that move. */
function moved(candidate: Candidate) {
  return figureRows([candidate], props.library)
    .filter((row) => row.name !== UNPRICED && row.after[0] !== row.before && row.after[0] !== 'the same')
    .map((row) => ({
      name: row.name,
      text: /^[+−]/.test(row.after[0]!) ? row.after[0]! : `${row.before} → ${row.after[0]}`,
    }))
}
const others = (candidate: Candidate) => candidate.changes.filter((change) => change.kind !== 'instead')
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`What can stand in for ${line?.name?.toLowerCase() ?? ''}?`"
    :style="{ width: 'min(720px, 94vw)' }"
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
      <ol class="found" aria-live="polite">
        <li v-for="candidate in answer.candidates" :key="candidate.ingredient">
          <div class="head">
            <span
              ><strong>{{ candidate.text }}</strong>
              <span v-if="candidate.here === false" class="quiet"> · not ticked in the cupboard</span>
              <span v-if="candidate.after.unpriced?.includes(candidate.name)" class="quiet">
                · no price known</span
              ></span
            >
            <Button label="Use it" size="small" @click="emit('take', candidate)" />
          </div>
          <p v-if="others(candidate).length">
            and
            {{
              others(candidate)
                .map((change) => change.text)
                .join('; ')
            }}
          </p>
          <ul class="moved">
            <li v-for="row in moved(candidate)" :key="row.name">
              <span class="quiet">{{ row.name }}</span> {{ row.text }}
            </li>
          </ul>
          <p class="quiet">
            {{ candidate.why }}
            <button type="button" class="link-button" @click="((sums = candidate.sums), (summing = true))">
              The sums<span class="screen-reader"> of {{ candidate.name }}</span>
            </button>
          </p>
        </li>
      </ol>
      <details v-if="answer.refused.length" class="quiet">
        <summary>What was tried and will not do</summary>
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
.found > li {
  border-top: 1px solid var(--bran);
  padding: 10px 0;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.moved {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
</style>

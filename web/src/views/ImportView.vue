<script setup lang="ts">
/** Import: a recipe from anywhere is read, looked over line by line, corrected in place, and taken whole or not at all. */
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Assessment, type Import } from '@/api/client'
import { PART_TYPES, type DocumentLine, type FormulaDocument } from '@/api/document'
import MatchPicker from '@/components/mix/MatchPicker.vue'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { useAssessment } from '@/composables/useAssessment'
import { count, figure, percent } from '@/format'

const EXAMPLE = `Sesame and date bites
Makes 18

For the bites
1 1/2 cups rolled oats (135 g)
10 soft dates, soaked 20 min
1/2 cup tahini
2 tbsp honey

To roll
1/4 cup sesame seeds

1. Blend the dates with the tahini in a food processor.
2. Add the rest, roll, and turn them in the seeds.`

const router = useRouter()
const library = useLibrary()
const text = ref('')
const read = ref<Import>()
const document = ref<FormulaDocument>()
const error = ref<string>()
const reading = ref(false)
const taking = ref(false)
const { assessment } = useAssessment(document)

async function look() {
  reading.value = true
  error.value = undefined
  try {
    read.value = await unwrap(api.POST('/api/import', { body: { text: text.value } }))
    document.value = read.value.formula as FormulaDocument
  } catch (failure) {
    error.value = (failure as Error).message
    read.value = document.value = undefined
  } finally {
    reading.value = false
  }
}
watch(text, () => {
  read.value = document.value = undefined
})
const MOST_BYTES = 1_000_000
async function open(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  if (file.size > MOST_BYTES) {
    error.value = `“${file.name}” is larger than 1 MB; a recipe is not.`
    return
  }
  text.value = await file.text()
  await look()
}
/** Changes a copy, so that what is asked of the server is asked anew. */
function change(make: (copy: FormulaDocument) => void) {
  const copy = structuredClone(JSON.parse(JSON.stringify(document.value)) as FormulaDocument)
  make(copy)
  document.value = copy
}
type Part = Assessment['components'][number]
const parts = computed(() =>
  (document.value?.components ?? []).map((part, index) => ({
    part,
    index,
    assessed: assessment.value?.components[index] as Part | undefined,
  })),
)
const flagged = computed(
  () =>
    (assessment.value?.components ?? [])
      .flatMap((part) => part.lines)
      .concat(assessment.value?.splits?.flatMap((split) => [...split.lines, ...split.topping]) ?? [])
      .filter((line) => line.status !== 'read').length,
)
const setLine = (index: number, row: number, line: DocumentLine | undefined) =>
  change((copy) => void copy.components[index]!.lines.splice(row, 1, ...(line ? [line] : [])))
const picking = ref<{ index: number; row: number }>()
const picked = computed(() => {
  const at = picking.value
  return at && assessment.value?.components[at.index]?.lines[at.row]
})
function choose(ingredient: string) {
  const at = picking.value
  picking.value = undefined
  const line = at && document.value?.components[at.index]?.lines[at.row]
  if (at && line) setLine(at.index, at.row, { text: line.text, ingredient })
}
async function take() {
  taking.value = true
  try {
    const made = await unwrap(api.POST('/api/formulas', { body: document.value as never }))
    await router.push(`/formulas/${made.id}/mix`)
    say(`“${made.name}” is on the shelf.`)
  } catch (failure) {
    error.value = (failure as Error).message
  } finally {
    taking.value = false
  }
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Import</h1>
      <RouterLink to="/formulas">Back to the shelf</RouterLink>
    </div>
    <div class="halves">
      <section aria-labelledby="paste-title" class="paste">
        <h2 id="paste-title">What you have</h2>
        <p class="quiet">
          A recipe as text, from a page or a card; schema.org JSON-LD; a formula document. Nothing is kept until you
          take it.
        </p>
        <label class="screen-reader" for="recipe">The recipe</label>
        <textarea
          id="recipe"
          v-model="text"
          rows="18"
          placeholder="Paste it here"
          spellcheck="false"
          @keydown.ctrl.enter.prevent="look"
        />
        <div class="tools">
          <Button label="Read it" :loading="reading" :disabled="!text.trim()" @click="look" />
          <label class="file"
            ><input type="file" accept=".txt,.md,.json,.jsonld,.html,text/*,application/json" @change="open" />Open a
            file</label
          >
          <button v-if="!text" type="button" class="link-button" @click="text = EXAMPLE">
            Show me with an example
          </button>
        </div>
        <p v-if="error" class="wrong" role="alert">{{ error }}</p>
      </section>
      <section v-if="read && document" aria-labelledby="read-title" class="read">
        <h2 id="read-title">What it was read as</h2>
        <label class="name"
          ><span class="screen-reader">Name</span
          ><input
            :value="document.name"
            maxlength="120"
            @change="
              change((copy) => void (copy.name = ($event.target as HTMLInputElement).value.trim() || copy.name))
            "
        /></label>
        <p class="quiet">
          {{ assessment ? `${figure(assessment.grams, 0)} g` : '…'
          }}<template v-if="document.shape?.pieces"> · {{ document.shape.pieces }} pieces</template
          ><template v-if="flagged"> · {{ count(flagged, 'line') }} to mend, here or later</template>
        </p>
        <div v-for="{ part, index, assessed } in parts" :key="index" class="part">
          <div class="part-head">
            <strong>{{ part.name }}</strong>
            <Select
              :aria-label="`Type of ${part.name}`"
              :model-value="part.type ?? 'dough'"
              :options="[...PART_TYPES]"
              size="small"
              @update:model-value="change((copy) => void (copy.components[index]!.type = $event))"
            />
            <Select
              :aria-label="`How ${part.name} is mixed`"
              :model-value="part.process ?? 'hand'"
              :options="[
                { id: 'hand', word: 'by hand' },
                { id: 'processor', word: 'processor' },
              ]"
              option-label="word"
              option-value="id"
              size="small"
              @update:model-value="change((copy) => void (copy.components[index]!.process = $event))"
            />
          </div>
          <ul>
            <li
              v-for="(line, row) in part.lines"
              :key="row"
              :class="{ flagged: assessed?.lines[row]?.status !== 'read' }"
            >
              <input
                :value="line.text"
                maxlength="300"
                :aria-label="`${part.name}, line ${row + 1}`"
                @change="setLine(index, row, { text: ($event.target as HTMLInputElement).value.trim() || line.text })"
              />
              <span v-if="assessed?.lines[row]?.status === 'read'" class="as">
                <button type="button" class="link-button" @click="picking = { index, row }">
                  {{ assessed.lines[row]!.name }}</button><span class="quiet"
                  >{{ figure(assessed.lines[row]!.grams ?? 0) }} g ·
                  {{ percent(assessed.lines[row]!.confidence) }} sure<template
                    v-for="word in [...assessed.lines[row]!.assumptions, ...assessed.lines[row]!.notes]"
                    :key="word"
                  >
                    · {{ word }}</template
                  ></span
                >
              </span>
              <span v-else-if="assessed?.lines[row]" class="as wrong">
                {{ assessed.lines[row]!.message }}
                <button
                  v-for="guess in assessed.lines[row]!.candidates.slice(0, 4)"
                  :key="guess.ingredient"
                  type="button"
                  class="guess"
                  @click="setLine(index, row, { text: line.text, ingredient: guess.ingredient })"
                >
                  {{ guess.name }}
                </button>
                <button
                  v-if="assessed.lines[row]!.status !== 'unreadable'"
                  type="button"
                  class="link-button"
                  @click="picking = { index, row }"
                >
                  Choose from the pantry
                </button>
              </span>
              <button
                type="button"
                class="out"
                :aria-label="`Leave out ${line.text}`"
                @click="setLine(index, row, undefined)"
              >
                ×
              </button>
            </li>
          </ul>
        </div>
        <p v-if="document.splits?.length" class="quiet">
          Flavours: {{ document.splits.map((split) => `${split.name} ${percent(split.share)}`).join(', ') }}
        </p>
        <details v-if="read.notes.length" open>
          <summary>{{ count(read.notes.length, 'note') }}</summary>
          <ul class="notes">
            <li v-for="(note, at) in read.notes" :key="at" class="quiet">{{ note }}</li>
          </ul>
        </details>
        <div class="tools">
          <Button label="Take it" :loading="taking" @click="take" />
          <Button label="Leave it" severity="secondary" @click="text = ''" />
        </div>
      </section>
      <section v-else class="read teach">
        <p>
          Every line comes back as it was read, with the grams and how sure that is. Headings become parts, steps become
          notes, “Makes 16” becomes the pieces; what was not used is said.
        </p>
      </section>
    </div>
    <MatchPicker :line="picked" :library="library" @choose="choose" @close="picking = undefined" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 16px;
  align-items: baseline;
  justify-content: space-between;
  margin-bottom: 14px;
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 4fr) minmax(0, 6fr);
  gap: 28px;
  align-items: start;
}
textarea {
  width: 100%;
  margin-top: 8px;
  padding: 10px 12px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius);
  resize: vertical;
}
textarea::placeholder {
  color: var(--husk);
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-top: 10px;
}
.file {
  position: relative;
  color: var(--elm);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  padding: 8px 4px;
}
.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.file:focus-within {
  outline: 2px solid var(--elm);
  outline-offset: 2px;
}
.wrong {
  color: var(--berry);
}
.name input {
  width: 100%;
  font-family: var(--heading);
  font-size: 1.25rem;
  font-weight: 600;
  background: none;
  border: 0;
  border-bottom: 1.5px solid var(--bran);
  padding: 4px 0;
}
.part {
  margin-top: 12px;
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
}
.part-head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  padding: 8px 12px;
}
.part li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 32px;
  gap: 4px 12px;
  align-items: start;
  padding: 6px 6px 6px 12px;
  border-top: 1px solid var(--bran);
}
.part li.flagged {
  box-shadow: inset 3px 0 0 var(--berry);
}
.part li input {
  width: 100%;
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--husk);
  padding: 4px 0;
}
.as {
  font-size: 0.9375rem;
  padding-top: 4px;
}
.as .link-button {
  padding: 0;
  margin-right: 6px;
}
.guess {
  border: 1px solid var(--husk);
  background: var(--milk);
  color: var(--cocoa);
  border-radius: 16px;
  padding: 3px 10px;
  margin: 2px 4px 2px 0;
  cursor: pointer;
}
.out {
  border: 0;
  background: none;
  color: var(--husk);
  font-size: 1.125rem;
  cursor: pointer;
  min-height: 32px;
}
.notes li {
  padding: 2px 0;
}
summary {
  cursor: pointer;
  padding: 10px 0 4px;
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 600px) {
  .part li {
    grid-template-columns: minmax(0, 1fr) 32px;
  }
  .as {
    grid-column: 1;
  }
  .out {
    grid-column: 2;
    grid-row: 1;
  }
}
</style>

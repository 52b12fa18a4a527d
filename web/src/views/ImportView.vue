<script setup lang="ts">
/** Import: a recipe from anywhere is read, looked over line by line, corrected in place, and taken whole or not at all. */
import { computed, ref } from 'vue'
import ImportPart from '@/components/import/ImportPart.vue'
import MatchPicker from '@/components/lines/MatchPicker.vue'
import { useImport } from '@/composables/useImport'
import { useLibrary } from '@/composables/useLibrary'
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

const library = useLibrary()
const { text, read, document, assessment, error, reading, taking, flagged, look, open, change, setLine, take } =
  useImport()

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
function opened(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) open(file)
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
          save it.
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
            ><input type="file" accept=".txt,.md,.json,.jsonld,.html,text/*,application/json" @change="opened" />Open a
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
          }}<template v-if="document.shape && 'pieces' in document.shape">
            · {{ document.shape.pieces }} pieces</template
          ><template v-if="flagged"> · {{ count(flagged, 'line') }} to fix, here or later</template>
        </p>
        <ImportPart
          v-for="(part, index) in document.components"
          :key="index"
          :part="part"
          :assessed="assessment?.components[index]"
          @type="change((copy) => void (copy.components[index]!.type = $event))"
          @process="change((copy) => void (copy.components[index]!.process = $event))"
          @line="(row, line) => setLine(index, row, line)"
          @pick="picking = { index, row: $event }"
        />
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
          <Button label="Save it" :loading="taking" @click="take" />
          <Button label="Cancel" severity="secondary" @click="text = ''" />
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
</style>

<script setup lang="ts">
/** One part of an imported recipe: every line as it was read and how sure that is, to be corrected in place. */
import type { AssessedComponent } from '@/api/client'
import type { DocumentComponent, DocumentLine, PartType } from '@/api/document'
import { useLibrary } from '@/composables/useLibrary'
import GuessButtons from '@/components/lines/GuessButtons.vue'
import { figure, percent } from '@/format'

const props = defineProps<{ part: DocumentComponent; assessed?: AssessedComponent }>()
const emit = defineEmits<{
  type: [type: PartType]
  process: [process: 'hand' | 'processor']
  /** Another line in the place of a row; none takes it out. */
  line: [row: number, line: DocumentLine | undefined]
  pick: [row: number]
}>()
const PROCESSES = [
  { id: 'hand', word: 'by hand' },
  { id: 'processor', word: 'processor' },
]
function typed(row: number, event: Event) {
  const text = (event.target as HTMLInputElement).value.trim()
  if (text && text !== props.part.lines[row]!.text) emit('line', row, { text })
}
const library = useLibrary()
</script>

<template>
  <div class="part">
    <div class="part-head">
      <strong>{{ part.name }}</strong>
      <Select
        :aria-label="`Type of ${part.name}`"
        :model-value="part.type ?? 'dough'"
        :options="library?.part_types ?? []"
        size="small"
        @update:model-value="emit('type', $event)"
      />
      <Select
        :aria-label="`How ${part.name} is mixed`"
        :model-value="part.process ?? 'hand'"
        :options="PROCESSES"
        option-label="word"
        option-value="id"
        size="small"
        @update:model-value="emit('process', $event)"
      />
    </div>
    <ul>
      <li v-for="(line, row) in part.lines" :key="row" :class="{ flagged: assessed?.lines[row]?.status !== 'read' }">
        <input
          :value="line.text ?? assessed?.lines[row]?.text"
          maxlength="300"
          :aria-label="`${part.name}, line ${row + 1}`"
          @change="typed(row, $event)"
        />
        <span v-if="assessed?.lines[row]?.status === 'read'" class="as">
          <button type="button" class="link-button" @click="emit('pick', row)">
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
          <GuessButtons
            :guesses="assessed.lines[row]!.candidates.slice(0, 4)"
            @choose="emit('line', row, { text: line.text, ingredient: $event })"
          />
          <button
            v-if="assessed.lines[row]!.status !== 'unreadable'"
            type="button"
            class="link-button"
            @click="emit('pick', row)"
          >
            Choose from the pantry
          </button>
        </span>
        <button type="button" class="out" :aria-label="`Leave out ${line.text}`" @click="emit('line', row, undefined)">
          ×
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
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
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 32px;
  gap: 4px 12px;
  align-items: start;
  padding: 6px 6px 6px 12px;
  border-top: 1px solid var(--bran);
}
li.flagged {
  box-shadow: inset 3px 0 0 var(--berry);
}
li input {
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
.wrong {
  color: var(--berry);
}
.out {
  border: 0;
  background: none;
  color: var(--husk);
  font-size: 1.125rem;
  cursor: pointer;
  min-height: 32px;
}
@media (max-width: 600px) {
  li {
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

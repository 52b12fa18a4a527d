<script setup lang="ts">
/** One row of the slip: what was typed, what it was read as, its grams, what it gives or takes. Click the text to change it. */
import { computed, nextTick, ref, toRef, useTemplateRef, watch } from 'vue'
import type { AssessedLine } from '@/api/client'
import type { DocumentKitchen, DocumentLine } from '@/api/document'
import { useLineReading, type TypedLine } from '@/composables/useLineReading'
import GiveTakeBar from '@/drawings/GiveTakeBar.vue'
import { percent } from '@/format'
import GramsHandle from '@/components/lines/GramsHandle.vue'
import LineReadingText from '@/components/lines/LineReadingText.vue'
import RowTools from '@/components/lines/RowTools.vue'

const props = defineProps<{
  line: DocumentLine
  assessed?: AssessedLine
  scale: number
  process: 'hand' | 'processor'
  kitchen?: DocumentKitchen
  number: number
}>()
const emit = defineEmits<{
  change: [line: DocumentLine]
  preview: [line: DocumentLine | undefined]
  remove: []
  nudge: [steps: number]
  drag: [steps: number]
  pick: []
  instead: []
  lock: []
}>()

const editing = ref(false)
const text = ref('')
const field = useTemplateRef<HTMLInputElement>('field')
const shown = computed(
  () => props.line.text ?? props.assessed?.text ?? `${props.line.grams} g ${props.line.ingredient}`,
)
const typed = computed<TypedLine | undefined>(() => {
  if (!editing.value || !text.value.trim() || text.value === shown.value) return undefined
  const { ingredient } = props.line
  return { text: text.value.trim(), ...(ingredient ? { ingredient, was: shown.value } : {}) }
})
const { reading, read } = useLineReading(typed, toRef(props, 'process'), toRef(props, 'kitchen'))
watch(reading, (now) => emit('preview', now?.status === 'read' && typed.value ? asRead(typed.value, now) : undefined))
const flagged = computed(() => props.assessed && props.assessed.status !== 'read')

/** The text before, in and behind the place that cannot be read; all of it before where nothing is wrong. */
const parts = computed(() => {
  const { from, to } = flagged.value ? (props.assessed ?? {}) : {}
  const characters = [...shown.value]
  if (from === undefined || to === undefined) return [shown.value, '', '']
  return [characters.slice(0, from), characters.slice(from, to), characters.slice(to)].map((part) => part.join(''))
})

/** The line as it is kept: with the ingredient that the cook chose where it still holds. */
function asRead({ text }: TypedLine, answer?: AssessedLine): DocumentLine {
  return { text, ...(answer?.chosen ? { ingredient: answer.chosen } : {}) }
}
async function begin() {
  text.value = shown.value
  editing.value = true
  await nextTick()
  field.value?.focus()
}
async function keep() {
  if (!editing.value) return
  const next = typed.value
  close()
  if (next) await keepAs(next)
}
/** Only a line whose ingredient was chosen has to be asked about; any other is kept at once. */
async function keepAs(next: TypedLine) {
  emit('change', asRead(next, next.ingredient ? await read(next) : undefined))
}
/** While typing, a spoon step works on what is typed: it is kept first, and the field follows. */
async function nudgeTyped(direction: 1 | -1) {
  if (typed.value) await keepAs(typed.value)
  emit('nudge', direction)
}
watch(shown, (now) => {
  if (editing.value) text.value = now
})
function close() {
  editing.value = false
  emit('preview', undefined)
}
function choose(ingredient: string) {
  emit('change', { text: shown.value, ingredient })
}
</script>

<template>
  <li class="row" :class="{ flagged }" :data-line="number">
    <div class="said">
      <input
        v-if="editing"
        ref="field"
        v-model="text"
        class="field"
        type="text"
        maxlength="300"
        :aria-label="`Line ${number}`"
        @keydown.enter.prevent="keep"
        @keydown.esc.prevent="close"
        @keydown.alt.up.prevent.stop="nudgeTyped(1)"
        @keydown.alt.down.prevent.stop="nudgeTyped(-1)"
        @blur="keep"
      />
      <button v-else type="button" class="typed" :aria-label="`Change line ${number}: ${shown}`" @click="begin">
        {{ parts[0] }}<mark v-if="parts[1]" class="fault">{{ parts[1] }}</mark
        >{{ parts[2] }}
      </button>
      <div class="as">
        <LineReadingText v-if="editing && typed && reading" :line="reading" @choose="choose" />
        <LineReadingText v-else-if="flagged && assessed" :line="assessed" @choose="choose" />
        <template v-else-if="assessed">
          <button
            type="button"
            class="match"
            :aria-label="`Line ${number} is read as ${assessed.name}. Choose another ingredient`"
            @click="emit('pick')"
          >
            {{ assessed.name }}
          </button>
          <span class="quiet">
            <template v-if="assessed.kitchen">≈ {{ assessed.kitchen.text }} · </template>{{ assessed.form
            }}<template v-if="assessed.confidence < 0.9"> · {{ percent(assessed.confidence) }} sure</template>
            <template v-for="said in [...assessed.assumptions, ...assessed.notes]" :key="said"> · {{ said }}</template>
          </span>
        </template>
        <button v-if="flagged && assessed?.status !== 'unreadable'" type="button" class="match" @click="emit('pick')">
          Choose from the pantry
        </button>
      </div>
    </div>
    <GiveTakeBar v-if="assessed && !flagged" :line="assessed" :scale="scale" />
    <span v-else-if="!flagged" class="no-bar" />
    <GramsHandle
      :line="assessed"
      :still="flagged"
      @drag="emit('drag', $event)"
      @drop="emit('nudge', $event)"
      @stop="emit('preview', undefined)"
    />
    <RowTools
      :number="number"
      :known="assessed?.status === 'read'"
      :locked="!!assessed?.locked_by"
      @lock="emit('lock')"
      @nudge="emit('nudge', $event)"
      @remove="emit('remove')"
      @instead="emit('instead')"
    />
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 90px 62px auto;
  gap: 12px;
  align-items: start;
  padding: 8px 6px 8px 10px;
  border-top: 1px solid var(--bran);
}
.flagged {
  box-shadow: inset 3px 0 0 var(--berry);
}
.flagged .said {
  grid-column: span 2;
}
.typed {
  display: block;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  padding: 0;
  cursor: text;
  font-size: 1.0625rem;
  overflow-wrap: anywhere;
}
.fault {
  background: none;
  color: inherit;
  text-decoration: underline wavy var(--berry);
  text-underline-offset: 4px;
}
.typed:hover {
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
.field {
  width: 100%;
  font-size: 1.0625rem;
  padding: 2px 8px;
  margin: -3px 0 -3px -9px;
  border: 1.5px solid var(--elm);
  border-radius: var(--radius-in);
  background: var(--milk);
}
.as {
  font-size: 0.9375rem;
  line-height: 1.35;
}
.as .quiet {
  font-size: 0.875rem;
}
.match {
  background: none;
  border: 0;
  padding: 0;
  margin-right: 6px;
  cursor: pointer;
  color: var(--elm);
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-thickness: 1px;
}
.no-bar {
  width: 90px;
}
.row :deep(.bar) {
  margin-top: 6px;
}
@media (max-width: 600px) {
  .row {
    grid-template-columns: minmax(0, 1fr) 62px;
  }
  .row :deep(.bar),
  .no-bar {
    display: none;
  }
}
</style>

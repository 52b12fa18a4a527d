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
  part: [texts: string[]]
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

/** What was assumed and noted stands behind one word, until that is pressed. */
const opened = ref(false)
const said = computed(() => [...(props.assessed?.assumptions ?? []), ...(props.assessed?.notes ?? [])])
/** The name of the ingredient says more than the typed words. */
const telling = computed(() => {
  const typedWords = shown.value.toLowerCase()
  return !!props.assessed?.name
    ?.toLowerCase()
    .split(/[^\p{L}]+/u)
    .some((word) => word.length > 2 && !typedWords.includes(word.replace(/s$/, '')))
})

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
      <template v-if="!editing && assessed && !flagged">
        <button
          v-if="telling"
          type="button"
          class="match name"
          :aria-label="`Line ${number} is read as ${assessed.name}. Choose another ingredient`"
          @click="emit('pick')"
        >
          {{ assessed.name }}
        </button>
        <button
          v-if="said.length"
          type="button"
          class="assumed"
          :aria-expanded="opened"
          :aria-label="`What was assumed of line ${number}`"
          @click="opened = !opened"
        >
          {{ assessed.assumptions.length ? 'assumed' : 'note' }}
        </button>
        <span v-if="assessed.kitchen" class="measure quiet"
          ><i /><span>≈ {{ assessed.kitchen.text }}</span></span
        >
      </template>
    </div>
    <GiveTakeBar v-if="assessed && !flagged" :line="assessed" :scale="scale" />
    <span v-else class="no-bar" />
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
    <div v-if="!editing && assessed?.apart" class="as">
      <button type="button" class="match" @click="emit('part', assessed.apart)">
        Make it {{ assessed.apart.length }} lines
      </button>
      <span class="quiet rest">{{ assessed.apart.join(' · ') }}</span>
    </div>
    <div v-if="editing && typed && reading" class="as"><LineReadingText :line="reading" @choose="choose" /></div>
    <div v-else-if="flagged && assessed" class="as">
      <LineReadingText :line="assessed" @choose="choose" />
      <button v-if="assessed.status !== 'unreadable'" type="button" class="match" @click="emit('pick')">
        Choose from the pantry
      </button>
    </div>
    <div v-else-if="opened && assessed" class="as quiet">
      <template v-for="(word, at) in said" :key="word"><template v-if="at"> · </template>{{ word }}</template>
      <template v-if="assessed.confidence < 0.9"> · {{ percent(assessed.confidence) }} sure</template>
      <button type="button" class="match" @click="emit('pick')">Choose another ingredient</button>
    </div>
  </li>
</template>

<style scoped>
.row {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 74px 104px;
  gap: 0 10px;
  align-items: center;
  min-height: 34px;
  padding: 0 10px;
  border-top: 1px solid var(--bran);
}
.flagged {
  box-shadow: inset 3px 0 0 var(--berry);
}
.said {
  display: flex;
  gap: 8px;
  align-items: baseline;
  min-width: 0;
}
.typed {
  flex: 0 1 auto;
  min-width: 40px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  text-align: left;
  background: none;
  border: 0;
  padding: 0;
  cursor: text;
  font-size: 1rem;
}
.name {
  flex: 0 1000 auto;
  min-width: 48px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.locked {
  flex: none;
  width: 15px;
  height: 15px;
  align-self: center;
  fill: var(--elm-tint);
  stroke: var(--elm);
  stroke-width: 1.8;
}
/* Kitchen measures are shown whole or not at all: what does not fit beside the empty first wraps out of sight. */
.measure {
  display: flex;
  align-self: center;
  flex: 1 1 0;
  flex-wrap: wrap;
  min-width: 0;
  height: 1.35em;
  overflow: hidden;
  font-size: 0.875rem;
  white-space: nowrap;
}
.measure i {
  width: 1px;
  height: 1.35em;
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
  font-size: 1rem;
  padding: 2px 8px;
  margin: 2px 0 2px -9px;
  border: 1.5px solid var(--elm);
  border-radius: var(--radius-in);
  background: var(--milk);
}
.as {
  grid-column: 1 / -1;
  padding-bottom: 6px;
  font-size: 0.875rem;
  line-height: 1.35;
}
.match,
.assumed {
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  color: var(--elm);
  font-size: 0.875rem;
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-thickness: 1px;
}
.assumed {
  color: var(--husk);
  text-decoration-style: dotted;
}
.no-bar {
  width: 74px;
}
.rest {
  margin-left: 8px;
}
/* The tools of a row lie left of its grams while it is in hand. */
.row :deep(.tools) {
  position: absolute;
  top: 0;
  right: 122px;
  opacity: 0;
  pointer-events: none;
  background: var(--milk);
  border-radius: var(--radius-in);
}
.row:hover :deep(.tools),
.row:focus-within :deep(.tools) {
  opacity: 1;
  pointer-events: auto;
}
@media (pointer: coarse) {
  .row {
    min-height: 46px;
  }
}
@media (max-width: 600px) {
  .row {
    grid-template-columns: minmax(0, 1fr) 104px;
  }
  .row :deep(.bar),
  .no-bar {
    display: none;
  }
  .row :deep(.tools) {
    position: static;
    display: none;
  }
  .row:hover :deep(.tools),
  .row:focus-within :deep(.tools) {
    display: flex;
  }
  .typed {
    white-space: normal;
  }
  .said {
    flex-wrap: wrap;
    gap: 0 8px;
    padding: 4px 0;
  }
}
</style>

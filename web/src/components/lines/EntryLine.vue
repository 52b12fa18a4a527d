<script setup lang="ts">
/** Where a line is typed: it is read as it is typed, Enter adds it, Esc clears it. */
import { computed, ref, toRef, useTemplateRef, watch } from 'vue'
import type { AssessedLine } from '@/api/client'
import type { DocumentKitchen, DocumentLine } from '@/api/document'
import { useLineReading } from '@/composables/useLineReading'
import LineReadingText from '@/components/lines/LineReadingText.vue'

const props = defineProps<{ process: 'hand' | 'processor'; kitchen?: DocumentKitchen }>()
const emit = defineEmits<{ add: [line: DocumentLine]; reading: [line: DocumentLine | undefined] }>()

const text = ref('')
const chosen = ref<string>()
const field = useTemplateRef<HTMLInputElement>('field')
const line = computed<DocumentLine | undefined>(() =>
  text.value.trim() ? { text: text.value, ...(chosen.value ? { ingredient: chosen.value } : {}) } : undefined,
)
const { reading } = useLineReading(line, toRef(props, 'process'), toRef(props, 'kitchen'))
const current = computed<AssessedLine | undefined>(() => (line.value ? reading.value : undefined))

watch(current, (now) => emit('reading', now?.status === 'read' ? line.value : undefined))

function add() {
  if (!line.value) return
  // Several things with amounts in one line are a line each.
  const apart = current.value?.text === text.value.trim() ? current.value.apart : undefined
  if (apart) apart.forEach((each) => emit('add', { text: each }))
  else emit('add', { ...line.value, text: text.value.trim() })
  clear()
}
function clear() {
  text.value = ''
  chosen.value = undefined
}
defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <form class="entry" @submit.prevent="add">
    <label for="entry" class="screen-reader">A line: how much and of what</label>
    <div class="row">
      <input
        id="entry"
        ref="field"
        v-model="text"
        class="field"
        type="text"
        maxlength="300"
        autocomplete="off"
        enterkeyhint="done"
        placeholder="Add a line: 1/2 c + 2 tbsp cashew butter"
        aria-describedby="entry-reading"
        @keydown.esc.prevent="clear"
      />
      <Button type="submit" label="Add" :disabled="!line" />
    </div>
    <div id="entry-reading" class="reading" aria-live="polite">
      <LineReadingText v-if="current" :line="current" @choose="chosen = $event" />
    </div>
  </form>
</template>

<style scoped>
.entry {
  padding: 4px;
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
}
.entry.below {
  border-radius: 0 0 var(--radius) var(--radius);
}
.row {
  display: flex;
  gap: 6px;
}
.field {
  flex: 1;
  min-width: 0;
  height: 36px;
  font-size: 1.0625rem;
  padding: 0 10px;
  background: var(--milk);
  border: 1.5px solid var(--husk);
  border-radius: var(--radius-in);
}
.field::placeholder {
  color: var(--husk);
  opacity: 0.8;
}
.reading:not(:empty) {
  padding: 4px 6px 2px;
}
@media (pointer: coarse) {
  .field {
    height: 44px;
  }
}
/* Half a line is not wrong yet; the slip is where a flag is red. */
.reading :deep(.flag) {
  color: var(--husk);
}
</style>

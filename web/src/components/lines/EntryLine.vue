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
  emit('add', { ...line.value, text: text.value.trim() })
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
        placeholder="1/2 c + 2 tbsp cashew butter"
        aria-describedby="entry-reading"
        @keydown.esc.prevent="clear"
      />
      <Button type="submit" label="Add" :disabled="!line" />
    </div>
    <div id="entry-reading" class="reading" aria-live="polite">
      <LineReadingText v-if="current" :line="current" @choose="chosen = $event" />
      <span v-else class="quiet">Type an amount and an ingredient. Enter adds the line.</span>
    </div>
  </form>
</template>

<style scoped>
.row {
  display: flex;
  gap: 8px;
}
.field {
  flex: 1;
  min-width: 0;
  height: 44px;
  font-size: 1.125rem;
  padding: 0 14px;
  background: var(--milk);
  border: 1.5px solid var(--husk);
  border-radius: var(--radius);
}
.field::placeholder {
  color: var(--husk);
  opacity: 0.8;
}
.reading {
  min-height: 28px;
  padding: 4px 2px 0;
}
/* Half a line is not wrong yet; the slip is where a flag is red. */
.reading :deep(.flag) {
  color: var(--husk);
}
</style>

<script setup lang="ts">
/** The lines in hand: where one is typed, each as it was read, and what they come to. */
import { computed, useTemplateRef } from 'vue'
import type { AssessedLine } from '@/api/client'
import type { DocumentComponent, DocumentKitchen, DocumentLine } from '@/api/document'
import EntryLine from '@/components/lines/EntryLine.vue'
import SlipRow from '@/components/lines/SlipRow.vue'

const props = defineProps<{
  loaded: boolean
  lines: DocumentLine[]
  /** The same lines as they were read, once they are. */
  assessedLines: AssessedLine[]
  /** Grams of the part that they are of. */
  grams?: number
  /** Of a flavour: whether they are folded in or strewn on. */
  flavour?: 'lines' | 'topping'
  process: NonNullable<DocumentComponent['process']>
  kitchen?: DocumentKitchen
}>()
/** Rows are counted from 0; `show` shows a line that is not kept, in its row or as a new one, and nothing puts the kept one back. */
const emit = defineEmits<{
  add: [line: DocumentLine]
  show: [line: DocumentLine | undefined, row?: number]
  change: [row: number, line: DocumentLine]
  remove: [row: number]
  nudge: [row: number, steps: number, keep: boolean]
  pick: [row: number]
  instead: [line: AssessedLine]
  lock: [line: AssessedLine]
  part: [row: number, texts: string[]]
}>()
const entry = useTemplateRef<InstanceType<typeof EntryLine>>('entry')
const scale = computed(() =>
  Math.max(1, ...props.assessedLines.flatMap((line) => [line.supply_ml ?? 0, line.demand_ml ?? 0])),
)
/** Of a flavour, its own lines; of a part, what it takes of others, too. */
const total = computed(() =>
  props.flavour ? props.assessedLines.reduce((sum, line) => sum + (line.grams ?? 0), 0) : props.grams,
)
const EXAMPLES = ['1 1/2 cups rolled oats, ground', '12 soft dates, to paste', '1/3 cup tahini']
defineExpose({ focus: () => entry.value?.focus() })
</script>

<template>
  <div v-if="!loaded" class="skeleton" aria-hidden="true" />
  <ol v-else-if="lines.length" class="rows">
    <SlipRow
      v-for="(line, row) in lines"
      :key="row"
      :line="line"
      :assessed="assessedLines[row]"
      :scale="scale"
      :process="process"
      :kitchen="kitchen"
      :number="row + 1"
      @change="emit('change', row, $event)"
      @preview="emit('show', $event, row)"
      @remove="emit('remove', row)"
      @nudge="emit('nudge', row, $event, true)"
      @drag="emit('nudge', row, $event, false)"
      @lock="emit('lock', assessedLines[row]!)"
      @pick="emit('pick', row)"
      @part="emit('part', row, $event)"
      @instead="emit('instead', assessedLines[row]!)"
    />
    <li v-if="flavour" class="total">
      <span>{{ flavour === 'topping' ? 'Sprinkled on' : 'Folded in' }}</span><span class="figure"
        >{{ grams === undefined || total === undefined ? '…' : Math.round(total) }} g</span
      >
    </li>
  </ol>
  <div v-else-if="flavour" class="teach">
    <p>
      {{
        flavour === 'topping'
          ? 'Nothing is sprinkled on this flavour.'
          : 'Nothing is folded in yet: this flavour is the plain base.'
      }}
      Try “2 tbsp chopped pistachios”.
    </p>
  </div>
  <div v-else class="teach">
    <p>Nothing in the bowl yet. Try these, one line at a time:</p>
    <p v-for="example in EXAMPLES" :key="example">
      <button type="button" class="link-button" @click="emit('add', { text: example })">{{ example }}</button>
    </p>
  </div>
  <EntryLine
    ref="entry"
    class="last"
    :class="{ below: loaded && lines.length }"
    :process="process"
    :kitchen="kitchen"
    @add="emit('add', $event)"
    @reading="emit('show', $event)"
  />
</template>

<style scoped>
.rows {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-bottom: 0;
  border-radius: var(--radius) var(--radius) 0 0;
}
/* The row that is typed stays in sight, however long the slip. */
.last {
  position: sticky;
  bottom: 0;
  z-index: 2;
}
.rows :deep(.row:first-child) {
  border-top: 0;
}
.total {
  display: flex;
  justify-content: space-between;
  padding: 8px 12px;
  border-top: 1px solid var(--bran);
  font-weight: 600;
}
</style>

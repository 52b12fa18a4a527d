<script setup lang="ts">
/** The lines in hand: where one is typed, each as it was read, and what they come to. */
import { computed, useTemplateRef } from 'vue'
import type { AssessedLine } from '@/api/client'
import type { useSlip } from '@/composables/useSlip'
import EntryLine from '@/components/lines/EntryLine.vue'
import SlipRow from '@/components/lines/SlipRow.vue'

const props = defineProps<{ slip: ReturnType<typeof useSlip>; loaded: boolean }>()
const emit = defineEmits<{ instead: [line: AssessedLine]; lock: [line: AssessedLine] }>()
const entry = useTemplateRef<InstanceType<typeof EntryLine>>('entry')
const { place, flavour, lines, assessed, assessedLines, process, kitchen, picking } = props.slip
const scale = computed(() =>
  Math.max(1, ...assessedLines.value.flatMap((line) => [line.supply_ml ?? 0, line.demand_ml ?? 0])),
)
const linesGrams = computed(() => assessedLines.value.reduce((sum, line) => sum + (line.grams ?? 0), 0))
const EXAMPLES = ['1 1/2 cups rolled oats, ground', '12 soft dates, to paste', '1/3 cup tahini']
defineExpose({ focus: () => entry.value?.focus() })
</script>

<template>
  <EntryLine ref="entry" :process="process" :kitchen="kitchen" @add="slip.add" @reading="slip.show($event)" />
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
      @change="slip.change(row, $event)"
      @preview="slip.show($event, row)"
      @remove="slip.remove(row)"
      @nudge="slip.nudge(row, $event)"
      @drag="slip.nudge(row, $event, false)"
      @lock="emit('lock', assessedLines[row]!)"
      @pick="picking = row"
      @instead="emit('instead', assessedLines[row]!)"
    />
    <li class="total">
      <span>{{ flavour ? (place.key === 'topping' ? 'Strewn on' : 'Folded in') : 'In the bowl' }}</span><span
        class="figure"
        >{{ assessed ? Math.round(flavour ? linesGrams : assessed.grams) : '…' }} g</span
      >
    </li>
  </ol>
  <div v-else-if="flavour" class="teach">
    <p>
      {{
        place.key === 'topping'
          ? 'Nothing is strewn on this flavour.'
          : 'Nothing is folded in yet: this flavour is the plain base.'
      }}
      Try “2 tbsp chopped pistachios”.
    </p>
  </div>
  <div v-else class="teach">
    <p>Nothing in the bowl yet. Try these, one line at a time:</p>
    <p v-for="example in EXAMPLES" :key="example">
      <button type="button" class="link-button" @click="slip.add({ text: example })">{{ example }}</button>
    </p>
  </div>
</template>

<style scoped>
.rows {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  margin-top: 6px;
  overflow: hidden;
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

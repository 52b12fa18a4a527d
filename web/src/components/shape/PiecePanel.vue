<script setup lang="ts">
/** One piece: how it is portioned and its size at true scale. */
import { computed } from 'vue'
import type { Assessment, Library } from '@/api/client'
import type { DocumentShape } from '@/api/document'
import PracticeNote from '@/components/figures/PracticeNote.vue'
import PieceSize from '@/drawings/PieceSize.vue'
import { count, figure } from '@/format'

const props = defineProps<{ assessment?: Assessment; shape?: DocumentShape; library?: Library }>()
const emit = defineEmits<{ shape: [shape: DocumentShape] }>()

type Way = 'piece_grams' | 'scoop_ml' | 'pieces'
const WAYS: { id: Way; word: string }[] = [
  { id: 'piece_grams', word: 'grams a piece' },
  { id: 'scoop_ml', word: 'scoop' },
  { id: 'pieces', word: 'pieces' },
]
const way = computed<Way>(() => WAYS.find((each) => props.shape?.[each.id] !== undefined)?.id ?? 'piece_grams')
const amount = computed(() => props.shape?.[way.value])
const scoops = computed(() =>
  (props.library?.scoops ?? []).map((each) => ({
    label: `#${each.number} (${figure(each.millilitres)} mL)`,
    value: each.millilitres,
  })),
)
function take(next: Way) {
  const pieces = props.assessment?.pieces
  const usual = props.library?.usual_portions[next] ?? 0
  const carried = next === 'piece_grams' ? pieces?.piece_grams : next === 'pieces' ? pieces?.count : undefined
  set(next, carried && carried >= 1 ? Number(carried.toFixed(next === 'pieces' ? 0 : 1)) : usual)
}
function set(which: Way, value: number) {
  if (!Number.isFinite(value) || value < 1) return
  emit('shape', { kind: 'ball', [which]: which === 'pieces' ? Math.round(value) : value })
}
</script>

<template>
  <section class="piece" aria-labelledby="piece-title">
    <h2 id="piece-title">One piece</h2>
    <div class="ways">
      <label class="screen-reader" for="way">Portion by</label>
      <Select
        label-id="way-label"
        input-id="way"
        aria-label="Portion by"
        :model-value="way"
        :options="WAYS"
        option-label="word"
        option-value="id"
        size="small"
        @update:model-value="take"
      />
      <Select
        v-if="way === 'scoop_ml'"
        aria-label="Scoop"
        :model-value="amount"
        :options="scoops"
        option-label="label"
        option-value="value"
        size="small"
        :placeholder="amount ? `${figure(amount)} mL` : 'Which'"
        @update:model-value="set('scoop_ml', $event)"
      />
      <InputText
        v-else
        type="number"
        min="1"
        :max="way === 'pieces' ? 10000 : 1000"
        step="any"
        :aria-label="WAYS.find((each) => each.id === way)!.word"
        :model-value="String(amount ?? '')"
        size="small"
        class="number"
        @change="set(way, Number(($event.target as HTMLInputElement).value))"
      />
    </div>
    <template v-if="assessment?.pieces">
      <p class="makes" data-pieces>
        <strong class="figure">{{ count(assessment.pieces.count, 'ball') }}</strong> of
        {{ figure(assessment.pieces.piece_grams, 1) }} g, {{ figure(assessment.pieces.diameter_mm, 0) }} mm
        across<template v-if="assessment.pieces.over_grams >= 0.5"
          >; {{ figure(assessment.pieces.over_grams) }} g over</template
        >
      </p>
      <PieceSize :diameter-mm="assessment.pieces.diameter_mm" />
      <PracticeNote v-if="assessment.practice?.length" :customs="assessment.practice" />
    </template>
    <p v-else class="quiet">
      {{
        assessment?.grams
          ? 'Pieces are counted when every line is read.'
          : 'Pieces are counted when there is something in the bowl.'
      }}
    </p>
  </section>
</template>

<style scoped>
.ways {
  display: flex;
  gap: 8px;
  margin: 8px 0;
}
.number {
  width: 84px;
}
.makes {
  margin-bottom: 6px;
}
</style>

<script setup lang="ts">
/** One piece: how it is portioned and its size at true scale. What shapes there are, and how the size of each is said, is the core's. */
import { computed } from 'vue'
import type { Assessment, Library } from '@/api/client'
import type { DocumentShape } from '@/api/document'
import PracticeNote from '@/components/figures/PracticeNote.vue'
import { drawingOf } from '@/drawings/shapes'
import { figure } from '@/format'

const props = defineProps<{ assessment?: Assessment; shape?: DocumentShape; library?: Library }>()
const emit = defineEmits<{ shape: [shape: DocumentShape] }>()

const kinds = computed(() => props.library?.shapes ?? [])
const kind = computed(() => kinds.value.find((each) => each.kind === props.shape?.kind) ?? kinds.value[0])
const ways = computed(() => kind.value?.ways ?? [])
type Way = (typeof ways.value)[number]
const said = computed(() => (props.shape ?? {}) as Record<string, unknown>)
const way = computed(() => ways.value.find((each) => said.value[each.key] !== undefined) ?? ways.value[0])
const amount = computed(() => (way.value ? (said.value[way.value.key] as number | undefined) : undefined))
const drawing = computed(() => (props.shape ? drawingOf(props.shape.kind) : undefined))

/** The same size said in another way; where nothing is known of it, the usual one. */
function take(key: string) {
  const next = ways.value.find((each) => each.key === key)!
  const now = next.figure && props.assessment?.pieces?.[next.figure]
  set(next, now && now >= next.least ? Number(now.toFixed(1)) : next.usual)
}
function set({ key, least, whole }: Way, value: number) {
  if (!Number.isFinite(value) || value < least) return
  emit('shape', { kind: kind.value!.kind, [key]: whole ? Math.round(value) : value } as DocumentShape)
}
</script>

<template>
  <section class="piece" aria-labelledby="piece-title">
    <h2 id="piece-title">One piece</h2>
    <div v-if="way" class="ways">
      <label class="screen-reader" for="way">Portion by</label>
      <Select
        label-id="way-label"
        input-id="way"
        aria-label="Portion by"
        :model-value="way.key"
        :options="ways"
        option-label="word"
        option-value="key"
        size="small"
        @update:model-value="take"
      />
      <Select
        v-if="way.choices.length"
        :aria-label="way.word"
        :model-value="amount"
        :options="way.choices"
        option-label="words"
        option-value="value"
        size="small"
        :placeholder="amount ? `${figure(amount)} ${way.unit ?? ''}` : 'Which'"
        @update:model-value="set(way, $event)"
      />
      <InputText
        v-else
        type="number"
        :min="way.least"
        :max="way.most"
        step="any"
        :aria-label="way.word"
        :model-value="String(amount ?? '')"
        size="small"
        class="number"
        @change="set(way, Number(($event.target as HTMLInputElement).value))"
      />
    </div>
    <template v-if="assessment?.pieces">
      <p class="makes" data-pieces>
        <strong class="figure">{{ assessment.pieces.words }}</strong> of
        {{ figure(assessment.pieces.piece_grams, 1) }} g, {{ assessment.pieces.size
        }}<template v-if="assessment.pieces.over_grams >= 0.5"
          >; {{ figure(assessment.pieces.over_grams) }} g over</template
        >
      </p>
      <component :is="drawing" v-if="drawing" :pieces="assessment.pieces" />
      <PracticeNote v-if="assessment.practice?.length" :customs="assessment.practice" />
    </template>
    <p v-else class="quiet">
      {{
        assessment?.grams
          ? way && amount === undefined
            ? 'Say how large a piece is, and they are counted.'
            : 'Pieces are counted once a line is read.'
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

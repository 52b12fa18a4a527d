<script setup lang="ts">
/** One piece: how it is portioned and its size at true scale. What shapes there are, and how the size of each is said, is the core's. */
import { computed } from 'vue'
import type { Assessment, Library } from '@/api/client'
import type { DocumentShape } from '@/api/document'
import ColdNote from '@/components/cold/ColdNote.vue'
import SectionDrawing from '@/drawings/SectionDrawing.vue'
import { SHAPES } from '@/drawings/shapePaths'
import { shapeWith } from '@/composables/useShape'
import { figure } from '@/format'

const props = defineProps<{ assessment?: Assessment; shape?: DocumentShape; library?: Library; formulaId?: number }>()
const emit = defineEmits<{ shape: [shape: DocumentShape] }>()

const kinds = computed(() => props.library?.shapes ?? [])
const kind = computed(() => kinds.value.find((each) => each.kind === props.shape?.kind) ?? kinds.value[0])
/** Ways that exclude each other; the rest is set in Shape. */
const ways = computed(() => (kind.value?.ways ?? []).filter((each) => !each.beside))
type Way = (typeof ways.value)[number]
const said = computed(() => (props.shape ?? {}) as Record<string, unknown>)
const saidWay = computed(() => ways.value.find((each) => said.value[each.key] !== undefined))
const way = computed(() => saidWay.value ?? ways.value[0])
const follows = computed(() =>
  way.value?.figure ? (props.assessment?.pieces?.[way.value.figure] as number) : undefined,
)
const amount = computed(() => (saidWay.value ? (said.value[saidWay.value.key] as number) : follows.value))

/** The same size said in another way; where nothing is known of it, the usual one. */
function take(key: string) {
  const next = ways.value.find((each) => each.key === key)!
  const now = next.figure ? (props.assessment?.pieces?.[next.figure] as number | undefined) : undefined
  // Of what there is to choose from the one that comes nearest.
  const nearest = [...next.choices].sort((one, other) => Math.abs(one.value - now!) - Math.abs(other.value - now!))[0]
  if (now && nearest) return set(next, nearest.value)
  set(next, now && now >= next.least ? Number(now.toFixed(1)) : next.usual)
}
function set(next: Way, value: number) {
  if (!Number.isFinite(value) || value < next.least || !kind.value) return
  emit('shape', shapeWith(props.shape ?? ({ kind: kind.value.kind } as DocumentShape), kind.value.ways, next, value))
}
</script>

<template>
  <section class="piece" aria-labelledby="piece-title">
    <div class="head">
      <h2 id="piece-title">One piece</h2>
      <RouterLink v-if="formulaId !== undefined" :to="`/formulas/${formulaId}/shape`">{{
        shape ? SHAPES[shape.kind]?.word : 'Shape'
      }}</RouterLink>
    </div>
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
        :model-value="amount === undefined ? '' : String(Number(amount.toFixed(way.whole ? 0 : 1)))"
        size="small"
        class="number"
        @change="set(way, Number(($event.target as HTMLInputElement).value))"
      />
    </div>
    <template v-if="assessment?.pieces">
      <p class="makes" data-pieces>
        <strong class="figure">{{ assessment.pieces.words }}</strong> of
        {{ figure(assessment.pieces.piece_grams, 1) }} g, {{ assessment.pieces.size
        }}<template v-if="assessment.pieces.over_words">; {{ assessment.pieces.over_words }}</template>
      </p>
      <SectionDrawing :pieces="assessment.pieces" :coat="assessment.coat" small />
      <p v-if="assessment.coat" class="quiet" data-coat>
        {{ assessment.coat.words[0]?.toUpperCase() }}{{ assessment.coat.words.slice(1) }}:
        {{ figure(assessment.coat.piece_grams, 1) }} g on each; have {{ figure(assessment.coat.grams_with_spare, 0) }} g
        ready.
      </p>
      <ColdNote v-if="formulaId !== undefined" />
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
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
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

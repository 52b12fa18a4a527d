<script setup lang="ts">
/** The whole formula at a glance: every part with its small cup, what it weighs, what stays, what it takes; flavours too. */
import { computed } from 'vue'
import type { Assessment, AssessedPart, Library } from '@/api/client'
import type { Place } from '@/composables/useParts'
import CupDrawing from '@/drawings/CupDrawing.vue'
import { figure, percent } from '@/format'

const props = defineProps<{ assessment: Assessment; library: Library }>()
const emit = defineEmits<{ open: [place: Place] }>()

interface Row {
  place: Place
  part: AssessedPart
  quiet: string[]
}
const rows = computed<Row[]>(() => [
  ...props.assessment.components.map((part, index) => ({
    place: { list: 'components' as const, index, key: 'lines' as const },
    part,
    quiet: [
      part.type,
      `${figure(part.grams, 0)} g${Math.abs(part.grams_left - part.grams) >= 0.05 ? `, ${figure(part.grams_left, 0)} g stay` : ''}`,
      ...part.takes.map((take) =>
        take.status === 'read'
          ? `takes ${percent(take.share!)} of ${take.component} (${figure(take.grams!)} g)`
          : take.message!,
      ),
    ],
  })),
  ...(props.assessment.splits ?? []).map((part, index) => ({
    place: { list: 'splits' as const, index, key: 'lines' as const },
    part,
    quiet: [
      `flavour, ${percent(part.share)} of ${part.component}`,
      `${figure(part.grams, 0)} g`,
      ...(part.pieces ? [part.pieces.words] : []),
      part.allergens.length
        ? part.allergens.map((id) => props.library.allergens[id] ?? id).join(', ')
        : 'no allergens known',
    ],
  })),
])
</script>

<template>
  <ul class="whole">
    <li v-for="row in rows" :key="`${row.place.list}${row.place.index}`">
      <button type="button" class="open" @click="emit('open', row.place)">
        <span class="cup"
          ><CupDrawing
            small
            :saturation="row.part.saturation"
            :split="row.part.binder_split_ml"
            :demand-ml="row.part.lines.length || row.part.saturation ? row.part.demand_ml : undefined"
            :texture="row.part.texture"
            :want="row.part.want"
            :edges="library.texture_edges"
            :textures="library.textures"
        /></span>
        <span class="said">
          <strong>{{ row.part.name }}</strong>
          <span class="texture">{{ row.part.texture ?? 'not judged' }}</span>
          <span v-for="word in row.quiet" :key="word" class="quiet">{{ word }}</span>
          <span>{{ row.part.sentence }}</span>
        </span>
      </button>
    </li>
    <li class="total">
      <span>Everything</span><span class="figure">{{ figure(assessment.grams, 0) }} g</span>
    </li>
  </ul>
</template>

<style scoped>
.whole {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  overflow: hidden;
}
.open {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  gap: 14px;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--bran);
  padding: 10px 14px;
  cursor: pointer;
}
.open:hover {
  background: var(--oat);
}
.said {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-content: center;
  align-items: baseline;
}
.said > :last-child {
  flex-basis: 100%;
}
.texture {
  font-family: var(--heading);
  color: var(--elm);
}
.total {
  display: flex;
  justify-content: space-between;
  padding: 8px 14px;
  font-weight: 600;
}
</style>

<script setup lang="ts">
/** One formula on the shelf: its own cup at its own level, its name and texture, one quiet line. */
import { computed } from 'vue'
import type { FormulaSummary, Library } from '@/api/client'
import CupDrawing from '@/drawings/CupDrawing.vue'
import { count } from '@/format'

const props = defineProps<{ formula: FormulaSummary; library: Library }>()
const summary = computed(() => props.formula.summary)
const quiet = computed(() => {
  if (summary.value.flagged) return `${count(summary.value.flagged, 'line')} to fix`
  const parts = summary.value.components > 1 ? `${count(summary.value.components, 'part')}, ` : ''
  return `${parts}${summary.value.pieces ? summary.value.pieces.words : `${Math.round(summary.value.grams)} g`}`
})
/** Where it lives, and for how many days there. */
const keeps = computed(() => {
  const { keep } = summary.value
  return keep ? `${keep.place}, ${count(keep.days, 'day')}` : ''
})
/** The diets a guest asks for first; the rest stand on the Mix screen. */
const SHOWN = ['vegan', 'gluten-free', 'nut-free']
const diets = computed(() => summary.value.diets.filter((diet) => SHOWN.includes(diet)).join(', '))
</script>

<template>
  <RouterLink :to="`/formulas/${formula.id}/mix`" class="cup-link">
    <CupDrawing
      small
      :saturation="summary.saturation ?? undefined"
      :split="summary.binder_split_ml ?? undefined"
      :demand-ml="summary.demand_ml ?? undefined"
      :texture="summary.texture ?? undefined"
      :want="summary.want ?? undefined"
      :edges="library.texture_edges"
      :textures="library.textures"
    />
    <span class="name">{{ formula.name }}</span>
    <span class="texture">{{ summary.texture ?? 'not judged' }}</span>
    <span v-if="formula.stale" class="quiet">is being judged again</span>
    <span v-else class="quiet"
      >{{ quiet }}<template v-if="keeps"><br />{{ keeps }}</template></span
    >
    <span v-if="summary.breaches.length" class="quiet broken">needs {{ summary.breaches.join(', ') }}: broken</span>
    <span v-else class="quiet">{{ diets }}</span>
  </RouterLink>
</template>

<style scoped>
.cup-link {
  display: grid;
  grid-template-rows: auto auto auto auto 1fr;
  color: inherit;
  text-decoration: none;
  padding: 0 6px 10px;
  border-radius: var(--radius);
}
.cup-link :deep(.cup) {
  padding: 0 14%;
  border-bottom: 3px solid var(--husk);
  margin-bottom: 8px;
}
.name {
  font-family: var(--heading);
  font-weight: 600;
  line-height: 1.2;
}
.cup-link:hover .name {
  text-decoration: underline;
}
.texture {
  font-family: var(--heading);
  color: var(--elm);
}
.quiet {
  font-size: 0.875rem;
}
.broken {
  color: var(--berry);
}
</style>

<script setup lang="ts">
/** What one line takes (to the left) and gives (to the right), in the Cup's own tints; `scale` mL fill one side. */
import { computed } from 'vue'
import type { AssessedLine } from '@/api/client'
import { figure } from '@/format'
import { BINDERS } from './cupGeometry'

const props = defineProps<{ line: AssessedLine; scale: number }>()
const HALF = 44
const width = (ml: number) => (props.scale > 0 ? (ml / props.scale) * HALF : 0)
const parts = computed(() => {
  let at = HALF + 1
  return BINDERS.map((kind) => {
    const w = width(props.line.split_ml?.[kind] ?? 0)
    const part = { kind, x: at, w }
    at += w
    return part
  }).filter((part) => part.w > 0)
})
const label = computed(() => {
  const { demand_ml: takes = 0, supply_ml: gives = 0 } = props.line
  if (takes < 0.05 && gives < 0.05) return 'neither gives nor takes binder'
  return [gives >= 0.05 ? `gives ${figure(gives)} mL` : '', takes >= 0.05 ? `takes ${figure(takes)} mL` : '']
    .filter(Boolean)
    .join(', ')
})
</script>

<template>
  <svg class="bar" viewBox="0 0 90 14" role="img" :aria-label="label">
    <title>{{ label }}</title>
    <line x1="45" x2="45" y1="0" y2="14" class="axis" />
    <rect
      v-if="line.demand_ml"
      class="takes"
      :x="44 - width(line.demand_ml)"
      y="3"
      :width="width(line.demand_ml)"
      height="8"
    />
    <rect v-for="part in parts" :key="part.kind" :class="part.kind" :x="part.x" y="3" :width="part.w" height="8" />
  </svg>
</template>

<style scoped>
.bar {
  width: 90px;
  height: 14px;
  flex: none;
}
.axis {
  stroke: var(--husk);
  stroke-width: 1;
}
.takes {
  fill: none;
  stroke: var(--date);
  stroke-width: 1.2;
  stroke-dasharray: 3 2;
}
.water {
  fill: var(--frost);
}
.syrup {
  fill: var(--syrup);
}
.pulp {
  fill: var(--date);
}
.fat {
  fill: var(--butter);
}
</style>

<script setup lang="ts">
/** One ball at true scale against a 50 mm bar: drawn in CSS millimetres. */
import { computed } from 'vue'
import type { Pieces } from '@/api/client'

const props = defineProps<{ pieces: Pieces }>()
const diameterMm = computed(() => props.pieces.diameter_mm ?? 0)
const height = computed(() => Math.max(diameterMm.value, 12) + 4)
</script>

<template>
  <svg
    :viewBox="`0 0 62 ${height + 9}`"
    :style="{ width: '62mm', height: `${height + 9}mm` }"
    role="img"
    class="piece"
    :aria-label="`A ball ${diameterMm} millimetres across, drawn at true size over a bar of 50 millimetres`"
  >
    <circle :cx="31" :cy="height / 2 + 1" :r="diameterMm / 2" class="ball" data-ball />
    <line x1="6" x2="56" :y1="height + 4" :y2="height + 4" class="bar" />
    <line x1="6" x2="6" :y1="height + 2.5" :y2="height + 5.5" class="bar" />
    <line x1="56" x2="56" :y1="height + 2.5" :y2="height + 5.5" class="bar" />
    <text x="31" :y="height + 8.4" text-anchor="middle">50 mm</text>
  </svg>
</template>

<style scoped>
.piece {
  display: block;
  max-width: 100%;
}
.ball {
  fill: var(--date-tint);
  stroke: var(--date);
  stroke-width: 0.5;
}
.bar {
  stroke: var(--husk);
  stroke-width: 0.4;
}
text {
  font-size: 3.4px;
  fill: var(--husk);
}
</style>

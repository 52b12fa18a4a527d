<script setup lang="ts">
/** The seven textures as seven small drawings, loose to pours. The word stands beside it; this is hidden from screen readers. */
import type { TextureId } from '@/api/client'

defineProps<{ texture: TextureId }>()
</script>

<template>
  <svg viewBox="0 0 48 36" class="glyph" aria-hidden="true">
    <line x1="4" x2="44" y1="32.5" y2="32.5" class="table" />
    <g v-if="texture === 'loose'" class="solid">
      <circle
        v-for="[x, y] in [
          [9, 30],
          [15, 31],
          [20, 28],
          [25, 31],
          [31, 30],
          [38, 31],
          [23, 24],
          [29, 26],
          [17, 25],
        ]"
        :key="`${x}${y}`"
        :cx="x"
        :cy="y"
        r="1.6"
      />
    </g>
    <g v-else-if="texture === 'crumbly'" class="solid">
      <path d="M13 32 l3-9 8-3 4 5-2 7z M30 32 l1-6 6-2 2 8z" />
      <circle cx="9" cy="31" r="1.3" />
      <circle cx="28" cy="22" r="1.3" />
      <circle cx="41" cy="31" r="1" />
    </g>
    <g v-else-if="texture === 'presses'" class="solid">
      <path d="M10 32 V20 q0-2 2-2 h3 q1-4 4-2 q2-4 5-1 q3-3 5 1 q4-1 4 2 h1 q2 0 2 2 V32z" />
    </g>
    <g v-else-if="texture === 'rolls'" class="solid"><circle cx="24" cy="20.5" r="11.5" /></g>
    <g v-else-if="texture === 'tacky'">
      <path class="solid" d="M12 32 q-1-14 12-14 q13 0 12 14z" />
      <path class="string" d="M18 19 q-1-6 1-12 M24 18 q0-8 0-12 M30 19 q1-6-1-12 M15 6 h18" />
    </g>
    <g v-else-if="texture === 'spreads'" class="solid"><path d="M5 32 q4-7 12-8 q7-4 14 0 q8 1 12 8z" /></g>
    <g v-else class="solid"><path d="M21 2 h6 v20 q0 5 8 6 q8 1 9 4 H4 q1-3 9-4 q8-1 8-6z" /></g>
  </svg>
</template>

<style scoped>
.glyph {
  width: 48px;
  height: 36px;
  display: block;
}
.solid {
  fill: var(--date);
}
.string {
  fill: none;
  stroke: var(--date);
  stroke-width: 1.4;
}
.table {
  stroke: var(--husk);
  stroke-width: 1;
}
</style>

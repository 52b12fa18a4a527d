<script setup lang="ts">
/** The shapes there are, as a row of small drawings. */
import type { ShapeKind } from '@/api/client'
import { SHAPES } from '@/drawings/shapePaths'

defineProps<{ kinds: readonly ShapeKind[]; chosen?: string }>()
defineEmits<{ choose: [kind: ShapeKind] }>()
</script>

<template>
  <div class="kinds" role="group" aria-label="Shape">
    <button
      v-for="kind in kinds"
      :key="kind.kind"
      type="button"
      :aria-pressed="kind.kind === chosen"
      @click="$emit('choose', kind)"
    >
      <svg viewBox="0 0 40 40" aria-hidden="true"><path :d="SHAPES[kind.kind]?.path" /></svg>
      {{ SHAPES[kind.kind]?.word ?? kind.kind }}
    </button>
  </div>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 4px;
}
button {
  display: grid;
  justify-items: center;
  gap: 0;
  padding: 4px 0;
  border: 1px solid transparent;
  border-radius: var(--radius);
  background: none;
  font-size: 0.8125rem;
  color: var(--husk);
  cursor: pointer;
}
svg {
  width: 32px;
  height: 32px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.5;
  stroke-linejoin: round;
}
button:hover {
  background: var(--milk);
}
[aria-pressed='true'] {
  color: var(--elm);
  border-color: var(--elm);
  background: var(--elm-tint);
}
@media (pointer: coarse) {
  button {
    min-height: 56px;
  }
}
</style>

<script setup lang="ts">
/** The cold in short, on the other tabs: what to give it, what it holds to, where it lives. */
import { computed } from 'vue'
import { useColdVerdict } from '@/composables/useCold'
import { useFormula } from '@/composables/useFormula'
import { count } from '@/format'

const { id, draft } = useFormula()
const { cold, keep } = useColdVerdict(draft)
const IN: Record<string, string> = { room: 'at room temperature', fridge: 'in the fridge', freezer: 'in the freezer' }
const lives = computed(
  () => keep.value && `Lives ${IN[keep.value.place]}, ${count(keep.value.days[keep.value.place], 'day')}.`,
)
</script>

<template>
  <section class="cold" aria-labelledby="cold-note" data-cold-note>
    <h3 id="cold-note"><RouterLink :to="`/formulas/${id}/cold`">Cold</RouterLink></h3>
    <template v-if="cold">
      <p>{{ cold.sentence }}</p>
      <p>{{ lives }}</p>
    </template>
  </section>
</template>

<style scoped>
.cold {
  margin-top: 8px;
  font-size: 0.9375rem;
  display: grid;
  align-content: start;
  gap: 2px;
  /* It comes after the rest: its room is kept, so that nothing moves under the finger. */
  min-height: 9.5rem;
}
h3 {
  font-size: 1rem;
}
</style>

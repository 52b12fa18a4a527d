<script setup lang="ts">
/** What a line may mean, to be chosen from. */
import type { AssessedLine } from '@/api/client'

defineProps<{ guesses: AssessedLine['candidates'] }>()
defineEmits<{ choose: [ingredient: string] }>()
</script>

<template>
  <span v-if="guesses.length" class="guesses">
    <button
      v-for="guess in guesses"
      :key="guess.ingredient"
      type="button"
      class="guess"
      @click="$emit('choose', guess.ingredient)"
    >
      {{ guess.name }}
    </button>
  </span>
</template>

<style scoped>
.guesses {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 4px 0;
}
.guess {
  border: 1px solid var(--husk);
  background: var(--milk);
  color: var(--cocoa);
  border-radius: 16px;
  padding: 4px 12px;
  cursor: pointer;
}
.guess:hover {
  border-color: var(--elm);
}
</style>

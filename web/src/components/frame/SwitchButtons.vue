<script setup lang="ts" generic="T extends string">
/** Two or three choices side by side, one of them pressed. */
defineProps<{ choices: readonly { id: T; word: string }[]; label: string }>()
const chosen = defineModel<T>({ required: true })
</script>

<template>
  <div class="switch" role="group" :aria-label="label">
    <button
      v-for="each in choices"
      :key="each.id"
      type="button"
      :aria-pressed="chosen === each.id"
      @click="chosen = each.id"
    >
      {{ each.word }}
    </button>
  </div>
</template>

<style scoped>
.switch {
  display: flex;
  border: 1px solid var(--husk);
  border-radius: var(--radius);
  overflow: hidden;
}
button {
  border: 0;
  background: none;
  padding: 5px 11px;
  cursor: pointer;
}
[aria-pressed='true'] {
  background: var(--elm);
  color: var(--on-elm);
}
</style>

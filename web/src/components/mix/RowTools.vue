<script setup lang="ts">
/** What a row of the slip can be told by touch: a spoon less, a spoon more, out. */
defineProps<{ number: number }>()
defineEmits<{ nudge: [steps: number]; remove: [] }>()
</script>

<template>
  <div class="tools">
    <button type="button" :aria-label="`Less of line ${number}`" @click="$emit('nudge', -1)">−</button>
    <button type="button" :aria-label="`More of line ${number}`" @click="$emit('nudge', 1)">+</button>
    <button type="button" :aria-label="`Take line ${number} out`" @click="$emit('remove')">×</button>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
}
button {
  width: 28px;
  height: 32px;
  border: 0;
  background: none;
  border-radius: var(--radius-in);
  cursor: pointer;
  color: var(--husk);
  font-size: 1.125rem;
}
button:hover {
  background: var(--oat);
  color: var(--cocoa);
}
@media (pointer: coarse) {
  button {
    width: 44px;
    height: 44px;
  }
}
@media (max-width: 600px) {
  .tools {
    grid-column: 1 / -1;
    justify-content: end;
  }
}
</style>

<script setup lang="ts">
/** What a row of the slip can be told by touch: what can stand in for it, a spoon less, a spoon more, out. */
defineProps<{ number: number; /** It is read, so that something can stand in for it. */ known?: boolean }>()
defineEmits<{ nudge: [steps: number]; remove: []; instead: [] }>()
</script>

<template>
  <div class="tools">
    <button
      v-if="known"
      type="button"
      :aria-label="`What can stand in for line ${number}`"
      title="What can stand in for it"
      @click="$emit('instead')"
    >
      ⇄
    </button>
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

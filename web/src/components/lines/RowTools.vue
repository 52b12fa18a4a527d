<script setup lang="ts">
/** What a row of the slip can be told by touch: that it stays when the rest is balanced, what can stand in for it, a spoon less, a spoon more, out. */
defineProps<{
  number: number
  /** It is read, so that something can stand in for it. */ known?: boolean
  locked?: boolean
}>()
defineEmits<{ nudge: [steps: number]; remove: []; instead: []; lock: [] }>()
</script>

<template>
  <div class="tools">
    <button
      v-if="known"
      type="button"
      class="lock"
      :aria-pressed="!!locked"
      :aria-label="`Keep line ${number} as it is when balancing`"
      :title="locked ? 'Kept as it is: press to let it change' : 'Keep it as it is when balancing'"
      @click="$emit('lock')"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path :d="locked ? 'M6 11h12v9H6zM9 11V8a3 3 0 0 1 6 0v3' : 'M6 11h12v9H6zM9 11V8a3 3 0 0 1 5.800-1'" />
      </svg>
    </button>
    <button
      v-if="known"
      type="button"
      :aria-label="`Substitutes for line ${number}`"
      title="Substitutes"
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
.lock svg {
  width: 17px;
  height: 17px;
  vertical-align: -2px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.8;
}
.lock[aria-pressed='true'] {
  color: var(--elm);
}
.lock[aria-pressed='true'] svg {
  fill: var(--elm-tint);
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

<script setup lang="ts">
/** A button that lays what it holds over the page, until something in it is done, Esc is pressed or the eye goes elsewhere. */
import { onClickOutside } from '@vueuse/core'
import { ref, useTemplateRef } from 'vue'

defineProps<{ label: string }>()
const open = ref(false)
const whole = useTemplateRef<HTMLElement>('whole')
const button = useTemplateRef<HTMLButtonElement>('button')
// What a select lays over the page is not in it, and is no elsewhere.
onClickOutside(whole, () => (open.value = false), { ignore: ['.p-select-overlay'] })
function shut() {
  if (!open.value) return
  open.value = false
  button.value?.focus()
}
</script>

<template>
  <div ref="whole" class="fold-out" @keydown.esc="shut">
    <button ref="button" type="button" class="opens" :aria-expanded="open" @click="open = !open">{{ label }}</button>
    <div v-if="open" class="laid"><slot /></div>
  </div>
</template>

<style scoped>
.fold-out {
  position: relative;
}
.opens {
  height: 34px;
  padding: 0 12px;
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
  background: var(--milk);
  color: var(--cocoa);
  cursor: pointer;
}
.opens[aria-expanded='true'] {
  background: var(--elm-tint);
}
.laid {
  position: absolute;
  z-index: 20;
  top: calc(100% + 6px);
  right: 0;
  display: grid;
  gap: 8px;
  min-width: 180px;
  padding: 12px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius);
}
@media (pointer: coarse) {
  .opens {
    height: 44px;
  }
}
</style>

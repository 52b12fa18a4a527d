<script setup lang="ts">
/**
 * A name to type over: it is taken on Enter and on leaving, and an empty one goes back to what it was. What could not be taken stays, to
 * be tried again.
 */
import { ref, watch } from 'vue'

const props = defineProps<{ name: string; label: string; rename: (name: string) => Promise<boolean> }>()
const typed = ref('')
watch(
  () => props.name,
  (now) => (typed.value = now),
  { immediate: true },
)
async function take() {
  const next = typed.value.trim()
  if (next && next !== props.name && !(await props.rename(next))) return
  // Where it was taken in another way than it was typed, the field shows what holds.
  typed.value = props.name
}
</script>

<template>
  <input
    v-model="typed"
    class="plain-field name"
    maxlength="80"
    :aria-label="label"
    @change="take"
    @keydown.enter.prevent="($event.target as HTMLInputElement).blur()"
  />
</template>

<style scoped>
.name {
  width: 190px;
}
</style>

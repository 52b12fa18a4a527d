<script setup lang="ts">
/** A name to type over: it is taken on Enter and on leaving, and an empty one goes back to what it was. */
import { ref, watch } from 'vue'

const props = defineProps<{ name: string; label: string }>()
const emit = defineEmits<{ rename: [name: string] }>()
const typed = ref('')
watch(
  () => props.name,
  (now) => (typed.value = now),
  { immediate: true },
)
function rename() {
  const next = typed.value.trim()
  if (next && next !== props.name) emit('rename', next)
  // Where it was not taken as typed, the field shows what holds.
  typed.value = props.name
}
</script>

<template>
  <input
    v-model="typed"
    class="plain-field name"
    maxlength="80"
    :aria-label="label"
    @change="rename"
    @keydown.enter.prevent="($event.target as HTMLInputElement).blur()"
  />
</template>

<style scoped>
.name {
  width: 190px;
}
</style>

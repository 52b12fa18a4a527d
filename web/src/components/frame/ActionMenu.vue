<script setup lang="ts" generic="Id extends string | number">
/** A select that does something with what is chosen and then stands as before: a menu of actions. */
import { nextTick, shallowRef } from 'vue'

defineProps<{ label: string; placeholder: string; choices: readonly { id: Id; word: string }[] }>()
const emit = defineEmits<{ choose: [id: Id]; open: [] }>()
const chosen = shallowRef<Id | null>(null)
/** The select takes up what is chosen, and must be told that nothing is. */
async function choose(id: Id) {
  chosen.value = id
  emit('choose', id)
  await nextTick()
  chosen.value = null
}
</script>

<template>
  <Select
    :aria-label="label"
    :placeholder="placeholder"
    :options="[...choices]"
    option-label="word"
    option-value="id"
    :model-value="chosen"
    size="small"
    scroll-height="20rem"
    empty-message="…"
    @before-show="emit('open')"
    @update:model-value="choose"
  />
</template>

<script setup lang="ts" generic="Id extends string | number">
/** A select that does something with what is chosen and then stands as before: a menu of actions. */
defineProps<{ label: string; placeholder: string; choices: readonly { id: Id; word: string }[] }>()
const emit = defineEmits<{ choose: [id: Id]; open: [] }>()
</script>

<template>
  <Select
    :aria-label="label"
    :placeholder="placeholder"
    :options="[...choices]"
    option-label="word"
    option-value="id"
    :model-value="null"
    size="small"
    scroll-height="20rem"
    empty-message="…"
    @before-show="emit('open')"
    @update:model-value="emit('choose', $event as Id)"
  />
</template>

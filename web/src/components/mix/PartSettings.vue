<script setup lang="ts">
/** The component in hand: its name, its type, its place in the order; only where there are several. */
import { ref, watch } from 'vue'
import { PART_TYPES, type DocumentComponent, type PartType } from '@/api/document'

const props = defineProps<{ part: DocumentComponent; index: number; count: number }>()
const emit = defineEmits<{ rename: [name: string]; type: [type: PartType]; move: [to: number]; remove: [] }>()
const name = ref('')
watch(
  () => props.part.name,
  (now) => (name.value = now),
  { immediate: true },
)
function rename() {
  if (name.value.trim()) emit('rename', name.value)
  name.value = props.part.name
}
</script>

<template>
  <div class="settings">
    <input
      v-model="name"
      class="plain-field name"
      maxlength="80"
      aria-label="Name of the part"
      @change="rename"
      @keydown.enter.prevent="($event.target as HTMLInputElement).blur()"
    />
    <Select
      aria-label="Type of the part"
      :model-value="part.type ?? 'dough'"
      :options="[...PART_TYPES]"
      size="small"
      @update:model-value="emit('type', $event)"
    />
    <span class="order">
      <button type="button" class="link-button" :disabled="index === 0" @click="emit('move', index - 1)">
        Earlier
      </button>
      <button type="button" class="link-button" :disabled="index === count - 1" @click="emit('move', index + 1)">
        Later
      </button>
      <button type="button" class="link-button" :disabled="count === 1" @click="emit('remove')">Take it out</button>
    </span>
  </div>
</template>

<style scoped>
.settings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin-bottom: 8px;
}
.name {
  width: 150px;
}
.order {
  display: flex;
  gap: 4px;
}
.link-button:disabled {
  color: var(--husk);
  text-decoration: none;
  cursor: default;
}
</style>

<script setup lang="ts">
/** The component in hand: its name, its type, its place in the order; only where there are several. */
import NameField from '@/components/frame/NameField.vue'
import type { DocumentComponent, PartType } from '@/api/document'
import { useLibrary } from '@/composables/useLibrary'

defineProps<{
  part: DocumentComponent
  index: number
  count: number
  rename: (name: string) => Promise<boolean>
}>()
const emit = defineEmits<{ type: [type: PartType]; move: [to: number]; remove: [] }>()
const library = useLibrary()
</script>

<template>
  <div class="settings">
    <NameField :name="part.name" label="Name of the part" :rename="rename" />
    <Select
      aria-label="Type of the part"
      :model-value="part.type ?? 'dough'"
      :options="library?.part_types ?? []"
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

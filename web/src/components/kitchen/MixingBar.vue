<script setup lang="ts">
/** How the component in hand is mixed, what it should be like and whose kitchen it is. */
import type { DocumentKitchen } from '@/api/document'
import type { Library, TextureId } from '@/api/client'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import { useFormula } from '@/composables/useFormula'

defineProps<{
  want?: TextureId
  kitchen?: DocumentKitchen
  library?: Library
}>()
defineEmits<{ want: [texture: TextureId] }>()
const process = defineModel<'hand' | 'processor'>('process', { required: true })
const { id } = useFormula()
const PROCESSES = [
  { id: 'hand', word: 'by hand' },
  { id: 'processor', word: 'processor' },
] as const
</script>

<template>
  <div class="how">
    <SwitchButtons v-model="process" :choices="PROCESSES" label="How it is mixed" />
    <label class="aim"
      ><span class="quiet">should be</span>
      <Select
        aria-label="Wanted texture"
        :model-value="want"
        :options="library?.textures ?? []"
        option-label="word"
        option-value="id"
        size="small"
        placeholder="not judged"
        @update:model-value="$emit('want', $event)"
      />
    </label>
    <RouterLink v-if="library" :to="`/formulas/${id}/kitchen`" title="Cups, spoons and warmth for this formula">
      {{ library.cups.find((each) => each.id === (kitchen?.cup ?? library!.usual_kitchen.cup))?.name }} cups,
      {{ kitchen?.room_c ?? library.usual_kitchen.room_c }} °C
    </RouterLink>
  </div>
</template>

<style scoped>
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.aim {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>

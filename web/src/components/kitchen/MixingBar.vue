<script setup lang="ts">
/** How the component in hand is mixed, what it should be like and whose kitchen it is. */
import { ref } from 'vue'
import type { DocumentKitchen } from '@/api/document'
import type { Library, TextureId } from '@/api/client'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import KitchenDialog from '@/components/kitchen/KitchenDialog.vue'

defineProps<{
  want?: TextureId
  kitchen?: DocumentKitchen
  library?: Library
}>()
defineEmits<{ want: [texture: TextureId]; kitchen: [changes: DocumentKitchen] }>()
const process = defineModel<'hand' | 'processor'>('process', { required: true })
const kitchenShown = ref(false)
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
    <button v-if="library" type="button" class="link-button" @click="kitchenShown = true">
      {{ library.cups.find((each) => each.id === (kitchen?.cup ?? library!.usual_kitchen.cup))?.name }} cups,
      {{ kitchen?.room_c ?? library.usual_kitchen.room_c }} °C
    </button>
    <KitchenDialog
      v-if="library"
      v-model:visible="kitchenShown"
      :kitchen="kitchen"
      :library="library"
      @change="$emit('kitchen', $event)"
    />
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

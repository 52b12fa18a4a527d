<script setup lang="ts">
/** Which component is in hand, how it is mixed, what it should be like and whose cups measure it. */
import type { DocumentComponent } from '@/api/document'
import type { Library, TextureId } from '@/api/client'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'

defineProps<{
  components: DocumentComponent[]
  want?: TextureId
  textures: Library['textures']
  cup?: string
  cups: Library['cups']
}>()
defineEmits<{ want: [texture: TextureId]; cup: [id: string] }>()
const index = defineModel<number>('index', { required: true })
const process = defineModel<'hand' | 'processor'>('process', { required: true })
const PROCESSES = [
  { id: 'hand', word: 'by hand' },
  { id: 'processor', word: 'processor' },
] as const
</script>

<template>
  <div class="how">
    <Select
      v-if="components.length > 1"
      v-model="index"
      aria-label="Component"
      :options="components.map((part, at) => ({ at, name: part.name }))"
      option-label="name"
      option-value="at"
      size="small"
    />
    <SwitchButtons v-model="process" :choices="PROCESSES" label="How it is mixed" />
    <label class="aim"
      ><span class="quiet">should be</span>
      <Select
        aria-label="Wanted texture"
        :model-value="want"
        :options="textures"
        option-label="word"
        option-value="id"
        size="small"
        placeholder="not judged"
        @update:model-value="$emit('want', $event)"
      />
    </label>
    <label class="aim"
      ><span class="quiet">cups</span>
      <Select
        aria-label="Cup standard"
        :model-value="cup ?? 'us'"
        :options="cups"
        option-label="name"
        option-value="id"
        size="small"
        @update:model-value="$emit('cup', $event)"
      />
    </label>
  </div>
</template>

<style scoped>
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 10px;
}
.aim {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>

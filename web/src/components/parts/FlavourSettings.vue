<script setup lang="ts">
/** A flavour in hand: its name, how much of the base it is, and whether pieces are folded in or sprinkled on. */
import type { DocumentSplit } from '@/api/document'
import type { Place } from '@/composables/useParts'
import NameField from '@/components/frame/NameField.vue'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'

const props = defineProps<{ flavour: DocumentSplit; base?: string; rename: (name: string) => Promise<boolean> }>()
const emit = defineEmits<{ share: [percent: number]; remove: [] }>()
const way = defineModel<Place['key']>('way', { required: true })
const WAYS = [
  { id: 'lines', word: 'folded in' },
  { id: 'topping', word: 'sprinkled on' },
] as const
function share(event: Event) {
  const field = event.target as HTMLInputElement
  const value = field.valueAsNumber
  if (field.checkValidity() && Number.isFinite(value)) emit('share', value)
  else field.value = String(Number((props.flavour.share * 100).toFixed(2)))
}
</script>

<template>
  <div class="settings">
    <NameField :name="flavour.name" label="Name of the flavour" :rename="rename" />
    <label class="share">
      <input
        type="number"
        min="0.1"
        max="100"
        step="any"
        required
        class="plain-field number"
        aria-label="Share of the base in per cent"
        :value="Number((flavour.share * 100).toFixed(2))"
        @change="share"
      />
      <span class="quiet">% of {{ base }}</span>
    </label>
    <SwitchButtons v-model="way" :choices="WAYS" label="What these lines are" />
    <button type="button" class="link-button" @click="emit('remove')">Take the flavour out</button>
  </div>
</template>

<style scoped>
.settings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 10px;
}
.number {
  width: 84px;
}
.share {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>

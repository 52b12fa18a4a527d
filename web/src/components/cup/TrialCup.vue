<script setup lang="ts">
/** The Cup beside the answers: of the draft, or of the answer that is tried on. */
import type { Assessment, Library, RescueOption } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import CupPanel from '@/components/cup/CupPanel.vue'

defineProps<{
  document: FormulaDocument
  assessment?: Assessment
  library?: Library
  tried: boolean
  provisional: boolean
  stale: boolean
}>()
defineEmits<{ dose: [option: RescueOption] }>()
/** The index of the component whose cup is shown. */
const shown = defineModel<string>('shown', { required: true })
</script>

<template>
  <div>
    <p v-if="tried" class="banner" role="status">Preview: not in the draft yet.</p>
    <SwitchButtons
      v-if="document.components.length > 1"
      v-model="shown"
      class="shown"
      label="Which part is shown"
      :choices="document.components.map((part, index) => ({ id: String(index), word: part.name }))"
    />
    <CupPanel
      :component="assessment?.components[Number(shown)]"
      :library="library"
      :provisional="provisional"
      :stale="stale"
      @dose="$emit('dose', $event)"
    />
  </div>
</template>

<style scoped>
.banner {
  padding: 8px 12px;
  background: var(--elm-tint);
}
.shown {
  flex-wrap: wrap;
  margin-bottom: 10px;
}
</style>

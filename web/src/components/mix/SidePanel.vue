<script setup lang="ts">
/** Beside the Cup: one piece, the second look, the facts, who can eat it, the notes. */
import type { AssessedComponent, AssessedFlavour, Library } from '@/api/client'
import type { DocumentShape, FormulaDocument } from '@/api/document'
import { useAttention } from '@/composables/useAttention'
import { useFormula } from '@/composables/useFormula'
import EatersPanel from '@/components/eaters/EatersPanel.vue'
import FactsPanel from '@/components/figures/FactsPanel.vue'
import MethodNotes from '@/components/cup/MethodNotes.vue'
import PiecePanel from '@/components/shape/PiecePanel.vue'
import SecondLook from '@/components/look/SecondLook.vue'

defineProps<{
  document: FormulaDocument
  library?: Library
  /** The part in hand where there are several: the facts are of it too. */
  part?: AssessedComponent | AssessedFlavour
  /** What is shown is not kept: remedies would be for a bowl that is not there. */
  provisional: boolean
}>()
defineEmits<{ shape: [shape: DocumentShape] }>()
const { id, draft, assessment, error } = useFormula()
const { setNeeds, mute, unmute, mend } = useAttention(draft)
</script>

<template>
  <aside class="side" aria-label="One piece and the second look">
    <PiecePanel
      :assessment="assessment"
      :shape="document.shape"
      :library="library"
      :formula-id="id"
      @shape="$emit('shape', $event)"
    />
    <SecondLook
      v-if="assessment"
      :assessment="assessment"
      :provisional="provisional || !!error"
      @mend="mend"
      @mute="mute"
      @unmute="unmute"
    />
    <FactsPanel :assessment="assessment" :part="part" />
    <EatersPanel
      v-if="assessment && assessment.grams && library"
      :assessment="assessment"
      :library="library"
      :needs="document.needs ?? []"
      @needs="setNeeds"
    />
    <MethodNotes v-if="document.notes?.length" :notes="document.notes" />
  </aside>
</template>

<style scoped>
.side {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  padding: 14px 16px;
}
@media (min-width: 620px) and (max-width: 1100px) {
  .side {
    columns: 2;
    column-gap: 28px;
  }
  .side > * {
    break-inside: avoid;
  }
}
</style>

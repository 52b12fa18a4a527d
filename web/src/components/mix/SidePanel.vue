<script setup lang="ts">
/** Beside the Cup: one piece, the second look, the facts, who can eat it, the notes. */
import type { Library } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import type { useSlip } from '@/composables/useSlip'
import EatersPanel from './EatersPanel.vue'
import FactsPanel from './FactsPanel.vue'
import MethodNotes from './MethodNotes.vue'
import PiecePanel from './PiecePanel.vue'
import SecondLook from './SecondLook.vue'

const props = defineProps<{
  slip: ReturnType<typeof useSlip>
  document: FormulaDocument
  library?: Library
  /** There are several parts: the facts are of the one in hand too. */
  several: boolean
}>()
const { assessment, assessed, provisional, error } = props.slip
</script>

<template>
  <aside class="side" aria-label="One piece and the second look">
    <PiecePanel :assessment="assessment" :shape="document.shape" :library="library" @shape="slip.setShape" />
    <SecondLook
      v-if="assessment"
      :assessment="assessment"
      :provisional="provisional || !!error"
      @mend="slip.mend"
      @mute="slip.mute"
      @unmute="slip.unmute"
    />
    <FactsPanel :assessment="assessment" :part="several ? assessed : undefined" />
    <EatersPanel
      v-if="assessment && assessment.grams && library"
      :assessment="assessment"
      :library="library"
      :needs="document.needs ?? []"
      @needs="slip.setNeeds"
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
</style>

<script setup lang="ts">
/** What opens over Mix: the choice of an ingredient, what can stand in for a line, the trial of a spoonful. */
import { computed, ref } from 'vue'
import type { AssessedLine, Library, Substitutes } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import type { Balancing } from '@/composables/useBalance'
import type { Draft } from '@/composables/useDraft'
import { say } from '@/composables/useNotice'
import type { useSlip } from '@/composables/useSlip'
import MatchPicker from '@/components/lines/MatchPicker.vue'
import SubstituteDialog from '@/components/lines/SubstituteDialog.vue'
import TrialDialog from '@/components/trial/TrialDialog.vue'

const props = defineProps<{
  draft: Draft
  slip: ReturnType<typeof useSlip>
  balancing: Balancing
  document: FormulaDocument
  library?: Library
}>()
const { assessedLines, picking, tried } = props.slip
const pickedLine = computed(() => (picking.value === undefined ? undefined : assessedLines.value[picking.value]))
/** The line that something shall stand in for. */
const replacing = ref<AssessedLine>()
const trialShown = ref(false)
/** An answer of Balance that is tried on can be tried in the hand, too. */
const triedOn = computed(() => {
  const at = props.balancing.trying.value
  return tried.value && at !== undefined ? { document: tried.value, words: props.balancing.words(at) } : undefined
})
/** The stand-in is taken as one edit. */
function substitute(chosen: Substitutes['candidates'][number]) {
  replacing.value = undefined
  if (props.draft.apply(`${chosen.text} instead`, chosen.patch))
    say(`${chosen.text} instead.`, { word: 'Undo', run: () => props.draft.undo() })
}
defineExpose({
  replace: (line: AssessedLine) => (replacing.value = line),
  tryOut: () => (trialShown.value = true),
})
</script>

<template>
  <MatchPicker :line="pickedLine" :library="library" @choose="slip.choose" @close="picking = undefined" />
  <SubstituteDialog
    v-if="library"
    :line="replacing"
    :document="document"
    :library="library"
    @take="substitute"
    @close="replacing = undefined"
  />
  <TrialDialog v-if="library" v-model:visible="trialShown" :draft="draft" :library="library" :tried="triedOn" />
</template>

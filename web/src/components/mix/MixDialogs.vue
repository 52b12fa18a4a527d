<script setup lang="ts">
/** What opens over Mix: the choice of an ingredient, what can stand in for a line, the trial of a spoonful. */
import { ref } from 'vue'
import type { AssessedLine, Library, Substitutes } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { useFormula } from '@/composables/useFormula'
import { say } from '@/composables/useNotice'
import MatchPicker from '@/components/lines/MatchPicker.vue'
import SubstituteDialog from '@/components/lines/SubstituteDialog.vue'
import TrialDialog from '@/components/trial/TrialDialog.vue'

defineProps<{
  document: FormulaDocument
  library?: Library
  /** The line whose ingredient is being chosen. */
  picked?: AssessedLine
  /** An answer of Balance that is tried on can be tried in the hand, too. */
  tried?: { document: FormulaDocument; words: string }
}>()
defineEmits<{ choose: [ingredient: string]; unpick: [] }>()
const { draft } = useFormula()
/** The line that something shall stand in for. */
const replacing = ref<AssessedLine>()
const trialShown = ref(false)
/** The stand-in is taken as one edit. */
function substitute(chosen: Substitutes['candidates'][number]) {
  replacing.value = undefined
  if (draft.apply(`${chosen.text} instead`, chosen.patch))
    say(`${chosen.text} instead.`, { word: 'Undo', run: () => draft.undo() })
}
defineExpose({
  replace: (line: AssessedLine) => (replacing.value = line),
  tryOut: () => (trialShown.value = true),
})
</script>

<template>
  <MatchPicker :line="picked" :library="library" @choose="$emit('choose', $event)" @close="$emit('unpick')" />
  <SubstituteDialog
    v-if="library"
    :line="replacing"
    :document="document"
    :library="library"
    @take="substitute"
    @close="replacing = undefined"
  />
  <TrialDialog v-if="library" v-model:visible="trialShown" :document="document" :library="library" :tried="tried" />
</template>

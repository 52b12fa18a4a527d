<script setup lang="ts">
/** A formula: its header, what must be known of its draft, and its tabs, each of which keeps its place while another is open. */
import { onBeforeRouteLeave, useRoute } from 'vue-router'
import DraftBanners from '@/components/frame/DraftBanners.vue'
import FormulaHeader from '@/components/frame/FormulaHeader.vue'
import { provideFormula } from '@/composables/useFormula'

const formula = provideFormula(Number(useRoute().params.id))
const { draft, assessment, error, again } = formula
onBeforeRouteLeave(async () => void (await draft.settled()))
</script>

<template>
  <div v-if="draft.error.value && !draft.loaded.value" class="page">
    <h1>Not here</h1>
    <p>{{ draft.error.value }}</p>
  </div>
  <div v-else>
    <FormulaHeader :grams="assessment?.grams" :pieces="assessment?.pieces" />
    <DraftBanners
      :elsewhere="!!draft.elsewhere.value"
      :away="draft.away.value"
      :restored="draft.restored.value"
      :overtaken-by="draft.overtakenBy.value"
      :unkept="draft.error.value ?? draft.refused.value"
      :error="error"
      @keep-mine="draft.keepMine"
      @take-theirs="draft.takeTheirs"
      @again="again"
    />
    <RouterView v-slot="{ Component }">
      <KeepAlive><component :is="Component" /></KeepAlive>
    </RouterView>
  </div>
</template>

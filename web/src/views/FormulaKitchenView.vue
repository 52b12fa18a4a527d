<script setup lang="ts">
/** The kitchen of one formula: the household's, unless it is said otherwise here. */
import { computed } from 'vue'
import MeasuresForm from '@/components/kitchen/MeasuresForm.vue'
import { useFormula } from '@/composables/useFormula'
import { useKitchen } from '@/composables/useKitchen'
import { useLibrary } from '@/composables/useLibrary'

const { id, draft } = useFormula()
const library = useLibrary()
const { setKitchen, dropKitchen } = useKitchen(draft, () => 0)
const own = computed(() => draft.document.value.kitchen)
const now = computed(() => library.value && { ...library.value.usual_kitchen, ...own.value })
</script>

<template>
  <div class="page narrow">
    <h2>The kitchen for this formula</h2>
    <p class="lead">
      {{
        own
          ? 'This formula has measures of its own; what is not said here is your kitchen’s.'
          : 'It is measured as in your kitchen. What you change here holds for this formula alone.'
      }}
    </p>
    <MeasuresForm v-if="library && now" :now="now" :library="library" @change="setKitchen" />
    <p class="ways">
      <Button v-if="own" label="As in my kitchen again" severity="secondary" size="small" @click="dropKitchen" />
      <RouterLink to="/kitchen">Your kitchen</RouterLink>
      <RouterLink :to="`/formulas/${id}/mix`">Back to Mix</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 560px;
}
.lead {
  margin: 6px 0 16px;
}
.ways {
  display: flex;
  gap: 18px;
  align-items: center;
  margin-top: 18px;
}
</style>

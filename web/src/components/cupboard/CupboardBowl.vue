<script setup lang="ts">
/** One proposed bowl: its cup, its lines in kitchen measures, its figures, and why it is this one. */
import { computed, ref } from 'vue'
import type { BalanceAnswer, Library } from '@/api/client'
import type { DocumentLine } from '@/api/document'
import WhyDialog from '@/components/frame/WhyDialog.vue'
import { useAssessment } from '@/composables/useAssessment'
import CupDrawing from '@/drawings/CupDrawing.vue'
import { figure } from '@/format'

const props = defineProps<{ answer: BalanceAnswer; library: Library }>()
defineEmits<{ make: [] }>()
const { assessment } = useAssessment(computed(() => props.answer.formula))
const asked = ref(false)
const dough = computed(() => assessment.value?.components[0])
const lines = computed(
  () => (props.answer.formula.components?.[0] as { lines: DocumentLine[] } | undefined)?.lines ?? [],
)
const after = computed(() => props.answer.after)
const family = computed(() => props.library.bowl_families.find((each) => each.id === props.answer.family)?.name)
</script>

<template>
  <article class="bowl">
    <div class="cup">
      <CupDrawing
        small
        :saturation="dough?.saturation"
        :split="dough?.binder_split_ml"
        :demand-ml="dough?.demand_ml"
        :texture="dough?.texture"
        :want="dough?.want"
        :edges="library.texture_edges"
        :textures="library.textures"
      />
    </div>
    <div>
      <h2>{{ family }}</h2>
      <ul class="lines">
        <li v-for="line in lines" :key="line.text ?? line.ingredient">
          {{ line.text ?? `${line.grams} g ${line.ingredient}` }}
        </li>
      </ul>
      <p class="figures">
        <span v-for="part in after.components ?? []" :key="part.name"
          >{{ part.texture
          }}<template v-if="part.saturation"
            >, fill {{ part.saturation.value.toFixed(2) }} ({{ part.saturation.low.toFixed(2) }}–{{
              part.saturation.high.toFixed(2)
            }})</template
          ></span
        >
        <span
          >{{ figure(after.grams ?? 0, 0) }} g<template v-if="after.pieces">, {{ after.pieces }} pieces</template></span
        >
        <span v-if="after.kcal !== undefined"
          >{{ figure(after.kcal, 0) }} kcal, {{ figure(after.free_sugars_g ?? 0) }} g free sugar a piece</span
        >
        <span v-if="after.allergens?.length" class="quiet"
          >holds {{ after.allergens.map((id) => library.allergens[id] ?? id).join(', ') }}</span
        >
      </p>
      <p class="quiet">
        {{ answer.why }}
        <button type="button" class="link-button" @click="asked = true">The sums</button>
      </p>
      <p v-for="word in [...(dough?.advice ?? []), ...(assessment?.notes ?? [])]" :key="word" class="advice">
        {{ word }}
      </p>
    </div>
    <Button label="Make it a formula" size="small" @click="$emit('make')" />
    <WhyDialog v-model:visible="asked" :steps="answer.sums" />
  </article>
</template>

<style scoped>
.bowl {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) auto;
  gap: 16px;
  align-items: start;
  padding: 14px 0;
  border-top: 1px solid var(--bran);
}
h2 {
  margin: 0 0 4px;
}
.lines {
  margin-bottom: 6px;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin: 0 0 4px;
}
.advice {
  border-left: 3px solid var(--butter);
  padding-left: 10px;
  margin: 4px 0;
}
@media (max-width: 600px) {
  .bowl {
    grid-template-columns: 72px minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
/** The Cup with its sentence and the doses to press. */
import { computed, ref } from 'vue'
import type { AssessedPart, Library, RescueOption } from '@/api/client'
import BinderLegend from '@/drawings/BinderLegend.vue'
import CupDrawing from '@/drawings/CupDrawing.vue'
import { figure, percent } from '@/format'
import WhyDialog from '@/components/frame/WhyDialog.vue'

const props = defineProps<{
  component?: AssessedPart
  library?: Library
  /** A line is being typed or dragged: doses wait until it is kept. */ provisional?: boolean
  /** The last change could not be judged: what stands here is from before it. */ stale?: boolean
}>()
defineEmits<{ dose: [option: RescueOption] }>()
const asked = ref(false)
/** On a tablet or phone the figures fold, so that the slip comes into view. */
const wide = window.matchMedia('(min-width: 1101px)').matches
const odds = computed(() => Object.entries(props.component?.texture_odds ?? {}).filter(([, share]) => share >= 0.01))
/** Nothing in it: no line, and nothing that it takes of others. */
const empty = computed(() => !props.component?.lines.length && !props.component?.saturation)
</script>

<template>
  <section class="cup-panel" :class="{ stale }" aria-label="Will it bind">
    <div v-if="!library" class="skeleton" aria-hidden="true" />
    <template v-else>
      <div class="drawing">
        <CupDrawing
          :saturation="component?.saturation"
          :split="component?.binder_split_ml"
          :demand-ml="empty ? undefined : component?.demand_ml"
          :texture="component?.texture"
          :want="component?.want"
          :edges="library.texture_edges"
          :textures="library.textures"
        />
      </div>
      <div class="words">
        <p class="sentence" aria-live="polite" data-sentence>
          {{ component?.sentence ?? 'There is nothing in it yet.' }}
        </p>
        <p v-if="stale && component" class="quiet">As it was before the last change.</p>

        <div v-if="component?.rescue" class="doses">
          <div class="strip" role="group" aria-label="Doses" :tabindex="provisional || stale ? 0 : undefined">
            <template v-for="option in component.rescue.options" :key="option.text">
              <button
                v-if="option.kind === 'dose'"
                type="button"
                class="dose"
                :disabled="provisional || stale"
                :title="option.why"
                @click="$emit('dose', option)"
              >
                <span>{{ option.text }}</span><span v-if="option.after" class="then"
                  >→ {{ option.after.texture }}, {{ option.after.saturation.toFixed(2) }}</span
                >
                <span class="quiet first">first {{ option.first_text }}, then look · {{ option.why }}</span>
              </button>
              <p v-else class="dose cure" :title="option.why">
                <span>{{ option.text }}</span><span v-if="option.after" class="then">→ {{ option.after.texture }}</span>
                <span class="quiet first">{{ option.why }}</span>
              </p>
            </template>
          </div>
          <p v-if="!component.rescue.options.length && component.rescue.refused.length" class="quiet">
            Nothing here gets it to where you want it.
          </p>
          <details v-if="component.rescue.refused.length" class="quiet">
            <summary>What does not work</summary>
            <ul>
              <li v-for="refusal in component.rescue.refused" :key="refusal.ingredient">
                {{ library.ingredients.find((each) => each.id === refusal.ingredient)?.name }}: {{ refusal.why }}.
              </li>
            </ul>
          </details>
        </div>

        <ul v-if="component?.advice?.length" class="advice">
          <li v-for="word in component.advice" :key="word">{{ word }}</li>
        </ul>

        <details v-if="component?.saturation" class="figures" :open="wide">
          <summary>The figures</summary>
          <p class="quiet">
            <span
              >Fill <strong class="figure">{{ component.saturation.value.toFixed(2) }}</strong> ({{
                component.saturation.low.toFixed(2)
              }}
              to {{ component.saturation.high.toFixed(2) }} in two bowls of three)</span
            >
          </p>
          <ul class="odds" aria-label="Odds of the textures">
            <li v-for="[id, share] in odds" :key="id">
              <span>{{ id }}</span><span class="track" aria-hidden="true"
                ><span :style="{ width: `${share * 100}%` }" /></span
              ><span class="figure">{{ percent(share) }}</span>
            </li>
          </ul>
          <BinderLegend
            v-if="component.binder_split_ml"
            :split="component.binder_split_ml"
            :demand-ml="component.demand_ml ?? 0"
          />
          <p class="quiet figures">
            Tack {{ figure(component.tack ?? 0, 2) }} · grease {{ figure(component.grease ?? 0, 2) }}
            <button type="button" class="link-button" @click="asked = true">Why?</button>
          </p>
          <WhyDialog v-model:visible="asked" :steps="component.why ?? []" />
        </details>
      </div>
    </template>
  </section>
</template>

<style scoped>
@media (min-width: 620px) and (max-width: 1100px) {
  .cup-panel {
    display: grid;
    grid-template-columns: minmax(0, 300px) minmax(0, 1fr);
    gap: 24px;
    align-items: start;
  }
}
/* On a phone the doses lie side by side, so that the slip is not pushed out of reach. */
@media (max-width: 619px) {
  .drawing :deep(svg) {
    max-height: 250px;
  }
  .strip {
    display: flex;
    gap: 8px;
    overflow-x: auto;
    scroll-snap-type: x proximity;
  }
  .strip .dose {
    flex: 0 0 84%;
    scroll-snap-align: start;
  }
  .strip .dose:only-child {
    flex-basis: 100%;
  }
}
.drawing :deep(svg) {
  max-height: clamp(220px, 40vh, 420px);
}
.stale .drawing {
  opacity: 0.45;
}
.sentence {
  margin: 4px 0 8px;
}
.dose {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 8px;
  width: 100%;
  text-align: left;
  padding: 7px 12px;
  margin-bottom: 6px;
  background: var(--milk);
  border: 1px solid var(--elm);
  border-radius: var(--radius);
  cursor: pointer;
}
.dose:disabled {
  opacity: 0.55;
  cursor: default;
}
.dose:hover:enabled {
  background: var(--elm-tint);
}
.then {
  color: var(--elm);
  white-space: nowrap;
}
.first {
  grid-column: 1 / -1;
  font-size: 0.875rem;
}
.advice {
  margin: 8px 0;
  border-left: 3px solid var(--butter);
  padding-left: 10px;
}
.figures {
  margin-top: 8px;
}
summary {
  cursor: pointer;
  color: var(--husk);
  padding: 4px 0;
}
.odds {
  margin: 6px 0 10px;
  font-size: 0.9375rem;
}
.odds li {
  display: grid;
  grid-template-columns: 72px 1fr 44px;
  align-items: center;
  gap: 8px;
}
.odds .figure {
  text-align: right;
}
.track {
  height: 6px;
  background: var(--bran);
  border-radius: 3px;
}
.track span {
  display: block;
  height: 6px;
  background: var(--husk);
  border-radius: 3px;
}
details ul {
  padding-left: 4px;
}
</style>

<script setup lang="ts">
/** A bowl that nobody wrote down: what carries it, its weight, what is roughly in it, how it looks; then doses, half first. */
import { computed, ref, shallowRef } from 'vue'
import { api, unwrap, type BowlRescue, type TextureId, type Why } from '@/api/client'
import WhyDialog from '@/components/frame/WhyDialog.vue'
import TexturePicker from '@/components/frame/TexturePicker.vue'
import { useLibrary } from '@/composables/useLibrary'
import { figure, typedNumber } from '@/format'

const library = useLibrary()
const family = ref('date-led')
/** Nothing until it is said: then what is usual holds. */
const typed = ref<string>()
const grams = computed({
  get: () => typed.value ?? String(library.value?.usual_grams.bowl ?? ''),
  set: (now) => (typed.value = now),
})
const roughly = ref('')
const seen = ref<TextureId>()
const wanted = ref<TextureId>()
const want = computed({
  get: () => wanted.value ?? (library.value?.shapes[0]?.want as TextureId | undefined),
  set: (now) => (wanted.value = now),
})
const answer = shallowRef<BowlRescue>()
const error = ref<string>()
const lines = computed(() =>
  roughly.value
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean),
)

async function ask() {
  error.value = answer.value = undefined
  try {
    const body = {
      elm_cup: 'bowl/1',
      family: family.value,
      grams: typedNumber(grams.value) ?? 0,
      roughly: lines.value,
      seen: seen.value,
      want: want.value,
    }
    answer.value = await unwrap(api.POST('/api/rescue', { body: body }))
  } catch (failure) {
    error.value = (failure as Error).message
  }
}
const sums = ref<Why[]>([])
const asked = ref(false)
function explain(steps: Why[]) {
  sums.value = steps
  asked.value = true
}
const name = (id: string) => library.value?.ingredients.find((each) => each.id === id)?.name ?? id
</script>

<template>
  <div class="page">
    <h1>A bowl in trouble</h1>
    <p class="quiet">
      For a bowl without a formula. The less you know of it, the wider the band: half a dose first, then look.
    </p>
    <form v-if="library" class="halves" @submit.prevent="ask">
      <section class="ask" aria-label="The bowl">
        <label
          ><span>What it is mostly made of</span
          ><Select
            v-model="family"
            aria-label="What it is mostly made of"
            :options="library.bowl_families"
            option-label="name"
            option-value="id"
        /></label>
        <label><span>Grams of it, about</span><InputText v-model="grams" inputmode="decimal" /></label>
        <label
          ><span>It should be</span
          ><Select
            v-model="want"
            aria-label="Wanted texture"
            :options="library.textures"
            option-label="word"
            option-value="id"
        /></label>
        <label class="wide"
          ><span>What is roughly in it, a line each (leave it empty where nobody knows)</span>
          <textarea v-model="roughly" rows="5" maxlength="6000" placeholder="dates&#10;1 cup almonds&#10;cocoa" />
        </label>
        <div class="wide">
          <TexturePicker v-model="seen" question="Squeeze a pinch: what does it do?" :textures="library.textures" />
        </div>
        <Button type="submit" label="What does it need" :disabled="!seen || !grams.trim()" />
      </section>
      <section aria-label="What it needs" aria-live="polite">
        <p v-if="error" class="banner wrong" role="alert">{{ error }}</p>
        <template v-if="answer">
          <p class="sentence">{{ answer.sentence }}</p>
          <p class="quiet">
            Taken as: fill {{ answer.saturation.value.toFixed(2) }} ({{ answer.saturation.low.toFixed(2) }} to
            {{ answer.saturation.high.toFixed(2) }} in two bowls of three), the dry side takes
            {{ figure(answer.demand_ml, 0) }} mL and the binder offers {{ figure(answer.binder_ml, 0) }}.
            <button type="button" class="link-button" @click="explain(answer.sums)">The sums of the bowl</button>
          </p>
          <ol class="doses">
            <li v-for="option in answer.rescue?.options ?? []" :key="option.text">
              <template v-if="option.kind === 'dose'"
                ><strong>First {{ option.first_text }}</strong
                >, then look</template
              >
              <strong v-else>{{ option.text }}</strong>
              <span v-if="option.kind !== 'dose'" class="quiet"> · {{ option.why }}</span>
              <span v-else class="quiet"
                >· in all about {{ option.text }}; anything from {{ figure(option.low_grams ?? 0) }} to
                {{ figure(option.high_grams ?? 0) }} g may be right · {{ option.why }}</span
              >
              <button
                v-if="option.sums?.length"
                type="button"
                class="link-button"
                :aria-label="`The sums of ${option.text}`"
                @click="explain(option.sums)"
              >
                The sums
              </button>
            </li>
          </ol>
          <details v-if="answer.rescue?.refused.length" class="quiet">
            <summary>What does not work</summary>
            <ul>
              <li v-for="refusal in answer.rescue.refused" :key="refusal.ingredient">
                {{ name(refusal.ingredient) }}: {{ refusal.why }}.
              </li>
            </ul>
          </details>
          <p v-for="note in answer.notes" :key="note" class="quiet">{{ note }}</p>
          <p class="quiet">
            Reckoned with
            {{
              answer.taken_as
                .map((line) => `${figure(line.grams, 0)} g ${name(line.ingredient).toLowerCase()}`)
                .join(', ')
            }}.
          </p>
        </template>
        <p v-else-if="!error" class="teach">Squeeze a pinch, say what it does, and the doses show here.</p>
      </section>
    </form>
    <WhyDialog v-model:visible="asked" :steps="sums" />
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 28px;
  align-items: start;
  margin-top: 12px;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 16px;
  align-items: end;
}
label {
  display: grid;
  gap: 3px;
}
label > span {
  color: var(--husk);
  font-size: 0.9375rem;
}
.wide {
  flex-basis: 100%;
}
textarea {
  font: inherit;
  padding: 8px 12px;
  background: var(--milk);
  color: var(--cocoa);
  border: 1px solid var(--husk);
  border-radius: var(--radius);
}
.sentence {
  font-size: 1.125rem;
}
.doses li {
  padding: 8px 0;
  border-top: 1px solid var(--bran);
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

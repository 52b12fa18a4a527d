<script setup lang="ts">
/** An ingredient from its pack: what the label says for 100 g or a serving, the list pasted; checked as it is typed. */
import { computed } from 'vue'
import type { Library, OwnIngredient } from '@/api/client'
import { FIGURES, useLabelForm } from '@/composables/useLabelForm'
import LabelAnswerNote from './LabelAnswerNote.vue'

const props = defineProps<{ given?: OwnIngredient; library: Library; currency: string }>()
const emit = defineEmits<{ keep: [ingredient: OwnIngredient]; close: [] }>()
const visible = defineModel<boolean>('visible', { required: true })

const form = useLabelForm(visible, () => props)
const { typed, said, answer, error } = form
const rows = computed(() =>
  props.library.ingredients
    .filter((each) => !each.own || each.id === props.given?.id)
    .map((each) => ({ id: each.id, word: each.name })),
)
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="given ? `The label of ${given.name ?? given.id}` : 'An ingredient from its pack'"
    :style="{ width: 'min(880px, 96vw)' }"
    @hide="emit('close')"
  >
    <form class="form" @submit.prevent="answer && emit('keep', said)">
      <div class="row">
        <label class="wide">Name <input v-model="typed.name" maxlength="80" required /></label>
        <label class="wide"
          >Starts from
          <Select
            aria-label="Starts from"
            :model-value="typed.startsFrom"
            :options="rows"
            option-label="word"
            option-value="id"
            filter
            :disabled="!!given && !given.starts_from"
            placeholder="the pantry row most like it"
            @update:model-value="typed.startsFrom = $event"
        /></label>
      </div>
      <div class="row">
        <label
          >Figures are for
          <select v-model="typed.basis">
            <option value="100g">100 g</option>
            <option value="serving">a serving</option>
          </select></label
        >
        <label v-if="typed.basis === 'serving'"
          >which weighs <input v-model="typed.serving" inputmode="decimal" class="number" /> g</label
        >
        <label
          >Carbohydrate
          <select v-model="typed.rule">
            <option value="eu">leaves out fibre (EU)</option>
            <option value="us">includes fibre (US)</option>
          </select></label
        >
      </div>
      <div class="figures">
        <label v-for="[key, word] in FIGURES" :key="key"
          ><span>{{ word }}</span
          ><input v-model="typed.figures[key]" inputmode="decimal" class="number"
        /></label>
      </div>
      <label class="list"
        >Its list of ingredients
        <textarea
          v-model="typed.list"
          rows="3"
          maxlength="4000"
          placeholder="Roasted peanuts (95 %), palm oil, salt. May contain nuts."
        />
      </label>
      <div class="row">
        <label>Price <input v-model="typed.price" inputmode="decimal" class="number" /> {{ currency }}</label>
        <label>a pack of <input v-model="typed.pack" inputmode="decimal" class="number" /> g</label>
      </div>
      <p v-if="error" class="wrong" role="alert">{{ error }}</p>
      <LabelAnswerNote v-else-if="answer" :answer="answer" />
      <p v-else class="quiet">It is checked as soon as a row, fat, carbohydrate and protein are there.</p>
      <div class="foot">
        <Button label="Cancel" severity="secondary" @click="visible = false" />
        <Button type="submit" label="Keep it" :disabled="!answer || !typed.name.trim()" />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: center;
}
.row label {
  display: flex;
  gap: 8px;
  align-items: center;
}
.wide {
  flex: 1 1 300px;
}
.wide input {
  flex: 1;
  min-width: 0;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 6px 20px;
}
.figures label {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
input,
select,
textarea {
  padding: 6px 10px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
}
textarea::placeholder {
  color: var(--husk);
}
.number {
  width: 84px;
}
.list {
  display: grid;
  gap: 4px;
}
.wrong {
  color: var(--berry);
  border-left: 3px solid var(--berry);
  padding-left: 12px;
}
.foot {
  display: flex;
  justify-content: end;
  gap: 8px;
}
</style>

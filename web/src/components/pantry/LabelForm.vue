<script setup lang="ts">
/** An ingredient from its pack: what the label says for 100 g or a serving, the list pasted; checked as it is typed. */
import { computed, ref, shallowRef, watch } from 'vue'
import { api, unwrap, type LabelAnswer, type Library, type OwnIngredient } from '@/api/client'
import { figure, typedNumber } from '@/format'

const props = defineProps<{ given?: OwnIngredient; library: Library; currency: string }>()
const emit = defineEmits<{ keep: [ingredient: OwnIngredient]; close: [] }>()
const visible = defineModel<boolean>('visible', { required: true })

const FIGURES = [
  ['kcal', 'Energy, kcal'],
  ['kj', 'Energy, kJ'],
  ['fat_g', 'Fat, g'],
  ['saturates_g', 'of which saturates, g'],
  ['carbohydrate_g', 'Carbohydrate, g'],
  ['sugars_g', 'of which sugars, g'],
  ['added_sugars_g', 'added sugars, g'],
  ['polyols_g', 'polyols, g'],
  ['fibre_g', 'Fibre, g'],
  ['protein_g', 'Protein, g'],
  ['salt_g', 'Salt, g'],
  ['sodium_mg', 'Sodium, mg'],
] as const
type Key = (typeof FIGURES)[number][0]

const name = ref('')
const startsFrom = ref<string>()
const basis = ref<'100g' | 'serving'>('100g')
const serving = ref('')
const rule = ref<'eu' | 'us'>('eu')
const figures = ref<Partial<Record<Key, string>>>({})
const list = ref('')
const price = ref('')
const pack = ref('')
const answer = shallowRef<LabelAnswer>()
const error = ref<string>()
const rows = computed(() =>
  props.library.ingredients
    .filter((each) => !each.own || each.id === props.given?.id)
    .map((each) => ({ id: each.id, word: each.name })),
)

watch(
  visible,
  (open) => {
    if (!open) return
    const { given } = props
    const label = given?.label ?? {}
    name.value = given?.name ?? ''
    startsFrom.value = given?.starts_from ?? (given && !given.id.startsWith('own-') ? given.id : undefined)
    basis.value = (label.basis as '100g' | 'serving' | undefined) ?? '100g'
    rule.value = (label.rule as 'eu' | 'us' | undefined) ?? 'eu'
    serving.value = String(label.serving_g ?? '')
    figures.value = Object.fromEntries(
      FIGURES.flatMap(([key]) => (label[key] === undefined ? [] : [[key, String(label[key])]])),
    )
    list.value = given?.ingredients ?? ''
    price.value = String(given?.price ?? '')
    pack.value = String(given?.pack_grams ?? '')
    answer.value = error.value = undefined
  },
  { immediate: true },
)
const number = typedNumber
/** What was typed where a number belongs and is none. */
const noNumber = computed(() =>
  [serving.value, price.value, pack.value, ...Object.values(figures.value)].find((text) => Number.isNaN(number(text))),
)
const slug = (text: string) =>
  `own-${text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50)}`.replace(/-$/, '')
const said = computed<OwnIngredient>(() => {
  const label = {
    basis: basis.value,
    rule: rule.value,
    serving_g: basis.value === 'serving' ? number(serving.value) : undefined,
    ...Object.fromEntries(FIGURES.map(([key]) => [key, number(figures.value[key])])),
  }
  const whole = {
    id: props.given?.id ?? slug(name.value || 'ingredient'),
    name: name.value.trim() || undefined,
    names: props.given?.names,
    starts_from: startsFrom.value === props.given?.id ? undefined : startsFrom.value,
    label,
    ingredients: list.value.trim() || undefined,
    price: number(price.value),
    pack_grams: number(pack.value),
    grams_per_cup: props.given?.grams_per_cup,
    grams_each: props.given?.grams_each,
  }
  return JSON.parse(JSON.stringify(whole)) as OwnIngredient
})
const enough = computed(
  () => !!startsFrom.value && !!figures.value.fat_g && !!figures.value.carbohydrate_g && !!figures.value.protein_g,
)
let timer: ReturnType<typeof setTimeout> | undefined
let asked = 0
watch([said, enough, visible, noNumber], () => {
  clearTimeout(timer)
  asked += 1
  if (noNumber.value !== undefined) {
    answer.value = undefined
    error.value = `“${noNumber.value}” is no number.`
  } else if (visible.value && enough.value) timer = setTimeout(check, 250)
  else answer.value = error.value = undefined
})
async function check() {
  const mine = asked
  try {
    const checked = await unwrap(api.POST('/api/pantry/label', { body: said.value }))
    if (mine !== asked) return
    answer.value = checked
    error.value = undefined
  } catch (failure) {
    if (mine !== asked) return
    answer.value = undefined
    error.value = (failure as Error).message
  }
}
const SHOWN: [string, string][] = [
  ['kcal', 'kcal'],
  ['fat_g', 'fat'],
  ['carbohydrate_g', 'carbohydrate'],
  ['sugars_g', 'sugars'],
  ['fibre_g', 'fibre'],
  ['protein_g', 'protein'],
  ['water_g', 'water'],
]
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="given ? `The label of ${given.name ?? given.id}` : 'An ingredient from its pack'"
    :style="{ width: 'min(880px, 96vw)' }"
    @hide="emit('close')"
  >
    <form class="form" @submit.prevent="enough && !error && emit('keep', said)">
      <div class="row">
        <label class="wide">Name <input v-model="name" maxlength="80" required /></label>
        <label class="wide"
          >Starts from
          <Select
            aria-label="Starts from"
            :model-value="startsFrom"
            :options="rows"
            option-label="word"
            option-value="id"
            filter
            :disabled="!!given && !given.starts_from"
            placeholder="the library row most like it"
            @update:model-value="startsFrom = $event"
        /></label>
      </div>
      <div class="row">
        <label
          >Figures are for
          <select v-model="basis">
            <option value="100g">100 g</option>
            <option value="serving">a serving</option>
          </select></label
        >
        <label v-if="basis === 'serving'"
          >which weighs <input v-model="serving" inputmode="decimal" class="number" /> g</label
        >
        <label
          >Carbohydrate
          <select v-model="rule">
            <option value="eu">leaves out fibre (EU)</option>
            <option value="us">includes fibre (US)</option>
          </select></label
        >
      </div>
      <div class="figures">
        <label v-for="[key, word] in FIGURES" :key="key"
          ><span>{{ word }}</span
          ><input v-model="figures[key]" inputmode="decimal" class="number"
        /></label>
      </div>
      <label class="list"
        >Its list of ingredients
        <textarea
          v-model="list"
          rows="3"
          maxlength="4000"
          placeholder="Roasted peanuts (95 %), palm oil, salt. May contain nuts."
        />
      </label>
      <div class="row">
        <label>Price <input v-model="price" inputmode="decimal" class="number" /> {{ currency }}</label>
        <label>a pack of <input v-model="pack" inputmode="decimal" class="number" /> g</label>
      </div>
      <p v-if="error" class="wrong" role="alert">{{ error }}</p>
      <section v-else-if="answer" class="answer" aria-live="polite">
        <p>
          In 100 g:
          <template v-for="([key, word], at) in SHOWN" :key="key"
            ><template v-if="at">, </template>{{ figure(answer.ingredient.per_100g[key] ?? 0) }}
            {{ word === 'kcal' ? 'kcal' : `g ${word}` }}</template
          >.
        </p>
        <p class="quiet">
          {{ answer.starts_from.name }} of the library:
          <template v-for="([key, word], at) in SHOWN" :key="key"
            ><template v-if="at">, </template>{{ figure(answer.starts_from.per_100g[key] ?? 0) }}
            {{ word === 'kcal' ? 'kcal' : `g ${word}` }}</template
          >.
        </p>
        <ul v-if="answer.notes.length">
          <li v-for="note in answer.notes" :key="note">{{ note }}.</li>
        </ul>
      </section>
      <p v-else class="quiet">It is checked as soon as a row, fat, carbohydrate and protein are there.</p>
      <div class="foot">
        <Button label="Leave it" severity="secondary" @click="visible = false" />
        <Button type="submit" label="Keep it" :disabled="!answer || !name.trim()" />
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
.answer {
  border-left: 3px solid var(--elm);
  padding-left: 12px;
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

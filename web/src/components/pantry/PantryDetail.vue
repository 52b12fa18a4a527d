<script setup lang="ts">
/** One row of the pantry: every figure with its source and spread, its price, and the row it starts from. */
import { computed, ref, watch } from 'vue'
import type { OwnIngredient, PantryRow } from '@/api/client'
import { say } from '@/composables/useNotice'
import { figure, money, typedNumber, words } from '@/format'

const props = defineProps<{ row: PantryRow; base?: PantryRow; own?: OwnIngredient; currency: string }>()
const emit = defineEmits<{ keep: [ingredient: OwnIngredient]; reset: []; label: [] }>()

const PARTS: [string, string, string][] = [
  ['kcal', 'Energy', 'kcal'],
  ['water_g', 'Water', 'g'],
  ['protein_g', 'Protein', 'g'],
  ['fat_g', 'Fat', 'g'],
  ['saturates_g', '… saturated', 'g'],
  ['carbohydrate_g', 'Carbohydrate, fibre in it', 'g'],
  ['mono_g', '… glucose and fructose', 'g'],
  ['di_g', '… sucrose, lactose, maltose', 'g'],
  ['starch_g', '… starch', 'g'],
  ['fibre_g', '… fibre', 'g'],
  ['polyols_g', '… polyols', 'g'],
  ['free_sugars_g', 'Free sugars', 'g'],
  ['added_sugars_g', 'Added sugars', 'g'],
  ['net_carbohydrate_g', 'Net carbohydrate', 'g'],
  ['alcohol_g', 'Alcohol', 'g'],
  ['ash_g', 'Ash', 'g'],
  ['salt_g', '… salt', 'g'],
]
const parts = computed(() =>
  PARTS.filter(([key]) => (props.row.per_100g[key] ?? 0) > 0 || (props.base?.per_100g[key] ?? 0) > 0),
)
const fats = computed(() =>
  Object.entries(props.row.fats ?? {})
    .map(([fat, share]) => `${words(fat)} ${Math.round(share * 100)} %`)
    .join(', '),
)
const price = ref('')
const pack = ref('')
const cup = ref('')
watch(
  () => [props.row.id, props.own] as const,
  () => {
    price.value = String(props.own?.price ?? '')
    pack.value = String(props.own?.pack_grams ?? '')
    cup.value = String(props.own?.grams_per_cup ?? '')
  },
  { immediate: true },
)
function keep() {
  const wrong = [price.value, pack.value, cup.value].find((text) => Number.isNaN(typedNumber(text)))
  if (wrong !== undefined) return say(`“${wrong}” is not a number; nothing was changed.`)
  const next: OwnIngredient = {
    ...(props.own ?? { id: props.row.id }),
    price: typedNumber(price.value),
    pack_grams: typedNumber(pack.value),
    grams_per_cup: typedNumber(cup.value),
  }
  emit('keep', JSON.parse(JSON.stringify(next)) as OwnIngredient)
}
</script>

<template>
  <article class="detail" :aria-label="row.name">
    <header>
      <h2>{{ row.name }}</h2>
      <p class="quiet">
        {{ row.family }} · {{ row.id }} · {{ row.source }}<template v-if="row.note"> · {{ row.note }}</template>
      </p>
      <p v-if="row.names.length" class="quiet">Also typed as {{ row.names.join(', ') }}</p>
      <p v-if="base" class="quiet">Starts from {{ base.name }} as shipped, shown below for comparison.</p>
      <div class="tools">
        <Button
          :label="row.label ? 'Change the label' : 'Use a pack’s label'"
          size="small"
          severity="secondary"
          @click="emit('label')"
        />
        <Button
          v-if="row.own"
          :label="base ? 'Take it out of the pantry' : 'Back to the shipped figures'"
          size="small"
          severity="secondary"
          @click="emit('reset')"
        />
      </div>
    </header>

    <form class="price" @submit.prevent="keep">
      <label>Price <input v-model="price" inputmode="decimal" class="plain-field number" /> {{ currency }}</label>
      <label>for <input v-model="pack" inputmode="decimal" class="plain-field number" /> g</label>
      <label>a US cup weighs <input v-model="cup" inputmode="decimal" class="plain-field number" /> g</label>
      <Button type="submit" label="Keep" size="small" />
      <span v-if="row.price" class="quiet">{{ money(row.price.per_100g, currency) }} for 100 g</span>
    </form>

    <p>
      <span class="quiet">Allergens</span> {{ row.allergens.map(words).join(', ') || 'none known'
      }}<template v-if="row.traces.length"
        ><span class="quiet"> · traces</span> {{ row.traces.map(words).join(', ') }}</template
      >
    </p>
    <p><span class="quiet">Does not suit</span> {{ row.breaks.join(', ') || 'breaks no diet on the list' }}</p>
    <p>
      <span class="quiet">Sweetness</span> {{ figure(row.sweetness, 0) }} % of sugar's
      <span v-if="fats" class="quiet"> · its fat: {{ fats }}</span>
      <span v-if="row.perishable" class="quiet"> · perishable: fridge, not over two hours on the counter</span>
    </p>

    <h3>In 100 g</h3>
    <table>
      <thead>
        <tr>
          <td></td>
          <th scope="col" class="right">{{ base ? 'this' : 'amount' }}</th>
          <th v-if="base" scope="col" class="right">{{ base.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="[key, word, unit] in parts" :key="key" :class="{ within: word.startsWith('…') }">
          <th scope="row">{{ word }}</th>
          <td class="right figure">{{ figure(row.per_100g[key] ?? 0, unit === 'kcal' ? 0 : 2) }} {{ unit }}</td>
          <td v-if="base" class="right figure quiet">
            {{ figure(base.per_100g[key] ?? 0, unit === 'kcal' ? 0 : 2) }} {{ unit }}
          </td>
        </tr>
      </tbody>
    </table>

    <h3>What it weighs</h3>
    <table v-if="row.forms.length">
      <thead>
        <tr>
          <th scope="col">form</th>
          <th scope="col" class="right">g a US cup</th>
          <th scope="col" class="right">g each</th>
          <th scope="col" class="right">±</th>
          <th scope="col">source</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(form, at) in row.forms" :key="at">
          <td>{{ form.form }}{{ form.size ? `, ${form.size}` : '' }}</td>
          <td class="right figure">{{ form.grams_per_cup === undefined ? '–' : figure(form.grams_per_cup, 0) }}</td>
          <td class="right figure">{{ form.grams_each === undefined ? '–' : figure(form.grams_each) }}</td>
          <td class="right figure">{{ form.plus_minus_pct }} %</td>
          <td class="quiet">{{ form.source }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else class="quiet">No weight by cup or by piece is known; it is typed in grams.</p>

    <h3>How it binds, mL a gram</h3>
    <table>
      <thead>
        <tr>
          <th scope="col">form</th>
          <th scope="col" class="right">water</th>
          <th scope="col" class="right">pulp</th>
          <th scope="col" class="right">fat</th>
          <th scope="col" class="right">takes up</th>
          <th scope="col" class="right">after 30 min</th>
          <th scope="col" class="right">±</th>
          <th scope="col">source</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in row.binding" :key="each.form">
          <td>{{ each.form }}<template v-if="each.starred"> *</template></td>
          <td class="right figure">{{ figure(each.a, 2) }}</td>
          <td class="right figure">{{ figure(each.b, 2) }}</td>
          <td class="right figure">{{ figure(each.o, 2) }}</td>
          <td class="right figure">{{ figure(each.d, 2) }}</td>
          <td class="right figure">{{ figure(each.d30, 2) }}</td>
          <td class="right figure">{{ Math.round(each.sigma * 100) }} %</td>
          <td class="quiet">{{ each.source }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="row.binding.some((each) => each.starred)" class="quiet">* not tried in a bowl yet; its ± counts double.</p>
  </article>
</template>

<style scoped>
.detail {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}
h3 {
  margin-top: 10px;
  font-size: 1rem;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
.price {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding: 8px 0;
}
.number {
  width: 76px;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  color: var(--husk);
}
th,
td {
  padding: 3px 8px 3px 0;
  border-top: 1px solid var(--bran);
}
.right {
  text-align: right;
}
td.quiet {
  font-size: inherit;
}
.within th {
  color: var(--husk);
}
@media (max-width: 600px) {
  table {
    font-size: 0.8125rem;
  }
  th,
  td {
    padding-right: 5px;
    overflow-wrap: anywhere;
  }
}
</style>

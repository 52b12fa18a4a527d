<script setup lang="ts">
/** Pantry: every ingredient with its figures, and the household's own: labels, prices, CSV in and out. */
import { computed, nextTick, ref, watch, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { reasonsOf, type OwnIngredient, type PantryRow } from '@/api/client'
import SetAsideList from '@/components/frame/SetAsideList.vue'
import CsvDialog from '@/components/pantry/CsvDialog.vue'
import LabelForm from '@/components/pantry/LabelForm.vue'
import PantryDetail from '@/components/pantry/PantryDetail.vue'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { usePantry } from '@/composables/usePantry'
import { count, figure, money } from '@/format'

const library = useLibrary()
const route = useRoute()
const router = useRouter()
const { pantry, error, load, ownOf, keep, forget, saveAside, dropAside, mendAside, setCurrency } = usePantry()
load()

/** What is stored and cannot be read. */
const aside = computed(() =>
  (pantry.value?.aside ?? []).map(({ key, ingredient, errors }) => ({
    id: key,
    name: String((ingredient as { name?: unknown } | null)?.name ?? key),
    why: reasonsOf(errors),
  })),
)
const asked = ref('')
const WHICH = [
  { id: 'all', word: 'All' },
  { id: 'own', word: 'Ours' },
] as const
const which = ref<'all' | 'own'>('all')
const rows = computed(() => {
  const wanted = asked.value.trim().toLowerCase()
  const matches = (row: PantryRow) =>
    !wanted || [row.name, row.family, row.id, ...row.names].some((text) => text.toLowerCase().includes(wanted))
  return (pantry.value?.rows ?? [])
    .filter((row) => (which.value === 'all' || row.own) && matches(row))
    .sort((a, b) => a.name.localeCompare(b.name))
})
const chosenId = computed(() => (typeof route.query.id === 'string' ? route.query.id : undefined))
const chosen = computed(
  () => pantry.value?.rows.find((row) => row.id === chosenId.value) ?? (chosenId.value ? undefined : rows.value[0]),
)
const base = computed(() => {
  const from = chosen.value?.starts_from
  return from && from !== chosen.value?.id ? pantry.value?.rows.find((row) => row.id === from) : undefined
})
const choose = (id: string) => router.replace({ query: { id } })
/** The row that is shown beside the list stands in the list's view. */
watch(
  () => [chosen.value?.id, rows.value.length],
  async () => {
    await nextTick()
    const list = document.querySelector('.rows')
    const row = list?.querySelector('[aria-current]')
    if (!list || !row) return
    // The list alone is moved, never the page.
    const [within, at] = [list.getBoundingClientRect(), row.getBoundingClientRect()]
    if (at.top < within.top) list.scrollTop -= within.top - at.top
    else if (at.bottom > within.bottom) list.scrollTop += at.bottom - within.bottom
  },
)

const labelShown = ref(false)
const labelled = ref<OwnIngredient>()
function label(of?: PantryRow) {
  labelled.value = of && (ownOf(of.id) ?? { id: of.id, name: of.name })
  labelShown.value = true
}
async function keepAll(ingredients: OwnIngredient[], then: string) {
  try {
    await keep(ingredients)
    labelShown.value = csvShown.value = false
    await choose(ingredients[0]!.id)
    say(then)
  } catch (failure) {
    say((failure as Error).message)
  }
}
async function reset(row: PantryRow) {
  await forget(row.id, row.name)
  if (row.starts_from && row.starts_from !== row.id) await choose(row.starts_from)
}
const csvShown = ref(false)
const currency = ref('')
watchEffect(() => (currency.value = pantry.value?.currency ?? ''))
function changeCurrency() {
  const code = currency.value.trim().toUpperCase()
  if (/^[A-Z]{3}$/.test(code)) setCurrency(code)
  else currency.value = pantry.value?.currency ?? ''
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Pantry</h1>
      <label class="screen-reader" for="pantry-find">Search by name or family</label>
      <InputText id="pantry-find" v-model="asked" placeholder="Name or family" class="search" />
      <SwitchButtons v-model="which" :choices="WHICH" label="Which rows" />
      <label class="currency"
        ><span class="quiet">Prices in</span
        ><input v-model="currency" maxlength="3" aria-label="Currency code" @change="changeCurrency"
      /></label>
      <a href="/api/pantry/csv" download class="csv">CSV out</a>
      <button type="button" class="link-button" @click="csvShown = true">CSV in</button>
      <Button label="From a pack’s label" :disabled="!library" @click="label()" />
    </div>
    <SetAsideList :items="aside" :mend="mendAside" @save="saveAside" @drop="dropAside" />
    <p v-if="error" role="alert">{{ error }}</p>
    <div v-else-if="!pantry" class="skeleton" aria-hidden="true" />
    <div v-else class="halves">
      <div>
        <p class="quiet">{{ count(rows.length, 'ingredient') }}</p>
        <ul class="rows" tabindex="0" aria-label="Ingredients">
          <li v-for="row in rows" :key="row.id">
            <button type="button" :aria-current="row.id === chosen?.id || undefined" @click="choose(row.id)">
              <span class="name">{{ row.name }}</span>
              <span class="quiet figure">{{
                row.price ? `${money(row.price.per_100g, pantry.currency)} / 100 g` : ''
              }}</span>
              <span class="quiet">{{ row.family }}{{ row.own ? ' · ours' : '' }}</span>
              <span class="quiet figure">{{ figure(row.per_100g.kcal ?? 0, 0) }} kcal</span>
            </button>
          </li>
          <li v-if="!rows.length" class="quiet none">
            {{
              which === 'own'
                ? 'Nothing of your own yet: put a price on a row, or make one from a pack’s label.'
                : 'Nothing matches.'
            }}
          </li>
        </ul>
      </div>
      <PantryDetail
        v-if="chosen"
        :key="chosen.id"
        :row="chosen"
        :base="base"
        :own="ownOf(chosen.id)"
        :currency="pantry.currency"
        @keep="keepAll([$event], `“${chosen.name}” is kept.`)"
        @reset="reset(chosen)"
        @label="label(chosen)"
      />
      <p v-else class="quiet">There is no such ingredient here; it may have been taken out.</p>
    </div>
    <LabelForm
      v-if="library && pantry"
      v-model:visible="labelShown"
      :given="labelled"
      :library="library"
      :currency="pantry.currency"
      @keep="keepAll([$event], `“${$event.name}” is in the pantry.`)"
    />
    <CsvDialog
      v-if="pantry"
      v-model:visible="csvShown"
      :known="pantry.rows.map((row) => row.id)"
      @keep="keepAll($event, `${count($event.length, 'ingredient')} kept.`)"
    />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: center;
  margin-bottom: 16px;
}
.search {
  margin-left: auto;
}
.currency {
  display: flex;
  gap: 6px;
  align-items: center;
}
.currency input {
  width: 58px;
  padding: 6px 8px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
  text-transform: uppercase;
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 32fr) minmax(0, 60fr);
  gap: 32px;
  align-items: start;
}
.rows {
  margin-top: 6px;
  max-height: calc(100vh - 150px);
  overflow: auto;
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
}
/* What is out of sight is laid out once it comes near. */
.rows li {
  content-visibility: auto;
  contain-intrinsic-size: auto 60px;
}
.rows button {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  width: 100%;
  padding: 7px 12px;
  border: 0;
  border-bottom: 1px solid var(--bran);
  background: none;
  text-align: left;
  cursor: pointer;
}
.rows button:hover {
  background: var(--oat);
}
.rows button[aria-current] {
  background: var(--elm-tint);
}
.rows .quiet {
  font-size: 0.875rem;
}
.rows .figure {
  text-align: right;
}
.none {
  padding: 12px;
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .rows {
    max-height: 40vh;
  }
  .search {
    margin-left: 0;
  }
}
</style>

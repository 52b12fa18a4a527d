<script setup lang="ts">
/** The shelf: each formula as its own small cup at its own level, or the plain table. */
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, reasonsOf, unwrap, type FormulaSummary } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import SetAsideList from '@/components/frame/SetAsideList.vue'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import type { Order } from '@/components/shelf/order'
import ShelfGrid from '@/components/shelf/ShelfGrid.vue'
import ShelfTable from '@/components/shelf/ShelfTable.vue'
import { useDeleted, type Deleted } from '@/composables/useDeleted'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { usePages } from '@/composables/usePages'
import { fileName, saveFile } from '@/composables/saveFile'
import { useStartFormula } from '@/composables/useStartFormula'

/** Milliseconds that typing waits for the next letter. */
const TYPING = 200
const library = useLibrary()
const asked = ref('')
const wanted = refDebounced(asked, TYPING)
const WAYS = [
  { id: 'shelf', word: 'Shelf' },
  { id: 'table', word: 'Table' },
] as const
const shownAs = ref<'shelf' | 'table'>('shelf')
const sorted = ref<Order>('name')
const order = computed(() => (shownAs.value === 'table' ? sorted.value : 'name'))
const { start, starting } = useStartFormula()
const {
  rows: formulas,
  count,
  error,
  more,
  tryAgain,
  start: list,
} = usePages<FormulaSummary>(
  (cursor) =>
    unwrap(
      api.GET('/api/formulas', { params: { query: { q: wanted.value || undefined, order: order.value, cursor } } }),
    ),
  () => [wanted.value, order.value],
)
const set = ref<FormulaSummary[]>([])
const lookAside = () =>
  unwrap(api.GET('/api/formulas', { params: { query: { aside: 'only', limit: 100 } } }))
    .then((page) => (set.value = page.rows))
    .catch(() => undefined)
// Rows that are made again may turn out to be set aside.
watch(
  () => formulas.value?.every((row) => !row.stale),
  (settled) => settled && lookAside(),
)

const { deleted, bringBack, remove } = useDeleted()
/** What is stored and cannot be read stands above the shelf. */
const aside = computed(() =>
  set.value.flatMap(({ id, name, aside }) => (aside ? [{ id: `${id}`, name, why: reasonsOf(aside) }] : [])),
)
const stored = (id: string) => set.value.find((each) => `${each.id}` === id)
/** The document that a formula was set aside for. */
async function readAside(id: string) {
  const formula = stored(id)
  if (!formula) return
  const path = { id: formula.version_id ?? formula.id }
  const { document } = formula.version_id
    ? await unwrap(api.GET('/api/versions/{id}', { params: { path } }))
    : await unwrap(api.GET('/api/formulas/{id}/draft', { params: { path } }))
  return document
}
const mendAside = {
  read: readAside,
  keep: async (id: string, document: unknown) => {
    const body = { document: document as FormulaDocument }
    await unwrap(api.POST('/api/formulas/{id}/versions', { params: { path: { id: Number(id) } }, body }))
    await Promise.all([list(), lookAside()])
  },
}
async function saveAside(id: string) {
  try {
    const document = await readAside(id)
    if (document) saveFile(`${fileName(stored(id)!.name)}.json`, JSON.stringify(document, null, 2))
  } catch (failure) {
    say((failure as Error).message)
  }
}
async function dropAside(id: string) {
  const formula = stored(id)
  if (!formula) return
  try {
    await remove(formula)
    await lookAside()
  } catch (failure) {
    say((failure as Error).message)
  }
}
async function back({ id, name }: Deleted) {
  try {
    await bringBack(id)
    say(`“${name}” is back on the shelf.`)
    await list()
  } catch (failure) {
    say((failure as Error).message)
  }
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Formulas</h1>
      <label class="screen-reader" for="search">Search by name, texture or diet</label>
      <InputText id="search" v-model="asked" placeholder="Name, texture or diet" class="search" />
      <SwitchButtons v-model="shownAs" :choices="WAYS" label="Show as" />
      <RouterLink to="/import" class="import">Import a recipe</RouterLink>
      <Button label="New formula" :loading="starting" @click="start" />
    </div>
    <SetAsideList :items="aside" :mend="mendAside" @save="saveAside" @drop="dropAside" />
    <div v-if="!formulas || !library" :class="{ skeleton: !error }" aria-hidden="true" />
    <p v-else-if="!formulas.length && !wanted">
      The shelf is empty. <button type="button" class="link-button" @click="start">Start a formula</button>: type its
      lines and the cup fills.
    </p>
    <p v-else-if="!formulas.length">Nothing on the shelf is called or keeps to “{{ wanted }}”.</p>
    <ShelfTable
      v-else-if="shownAs === 'table'"
      v-model:order="sorted"
      :formulas="formulas"
      :count="count"
      @end="more"
    />
    <ShelfGrid v-else :formulas="formulas" :library="library" :count="count" @end="more" />
    <p v-if="error" role="alert">
      {{ error }} <button type="button" class="link-button" @click="tryAgain">Try again</button>
    </p>
    <section v-if="deleted.length" class="deleted" aria-labelledby="deleted-title">
      <h2 id="deleted-title">Deleted just now</h2>
      <ul>
        <li v-for="each in deleted" :key="each.id">
          {{ each.name }}
          <button type="button" class="link-button" :aria-label="`Bring back ${each.name}`" @click="back(each)">
            Bring back
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-bottom: 24px;
}
.search {
  margin-left: auto;
}
@media (max-width: 600px) {
  .search {
    flex-basis: 100%;
  }
}
.deleted {
  margin-top: 28px;
  color: var(--husk);
}
.deleted h2 {
  font-size: 1rem;
}
</style>

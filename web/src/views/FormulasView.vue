<script setup lang="ts">
/** The shelf: each formula as its own small cup at its own level, or the plain table. */
import { computed, ref } from 'vue'
import { api, reasonsOf, unwrap, type FormulaSummary } from '@/api/client'
import SetAsideList from '@/components/frame/SetAsideList.vue'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import ShelfCup from '@/components/shelf/ShelfCup.vue'
import ShelfTable from '@/components/shelf/ShelfTable.vue'
import { useDeleted, type Deleted } from '@/composables/useDeleted'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { fileName, saveFile } from '@/composables/saveFile'
import { useStartFormula } from '@/composables/useStartFormula'

const library = useLibrary()
const formulas = ref<FormulaSummary[]>()
const error = ref<string>()
const asked = ref('')
const WAYS = [
  { id: 'shelf', word: 'Shelf' },
  { id: 'table', word: 'Table' },
] as const
const shownAs = ref<'shelf' | 'table'>('shelf')
const { start, starting } = useStartFormula()

async function list() {
  try {
    formulas.value = await unwrap(api.GET('/api/formulas'))
  } catch (failure) {
    error.value = (failure as Error).message
  }
}
list()

const { deleted, bringBack, remove } = useDeleted()
/** What is stored and cannot be read stands above the shelf. */
const aside = computed(() =>
  (formulas.value ?? []).flatMap(({ id, name, aside }) =>
    aside ? [{ id: `${id}`, name, why: reasonsOf(aside) }] : [],
  ),
)
const stored = (id: string) => formulas.value?.find((each) => `${each.id}` === id)
async function saveAside(id: string) {
  const formula = stored(id)
  if (!formula) return
  try {
    const { document } = formula.version_id
      ? await unwrap(api.GET('/api/versions/{id}', { params: { path: { id: formula.version_id } } }))
      : await unwrap(api.GET('/api/formulas/{id}/draft', { params: { path: { id: formula.id } } }))
    saveFile(`${fileName(formula.name)}.json`, JSON.stringify(document, null, 2))
  } catch (failure) {
    say((failure as Error).message)
  }
}
async function dropAside(id: string) {
  const formula = stored(id)
  if (!formula) return
  try {
    await remove(formula)
    await list()
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

const found = computed(() => {
  const wanted = asked.value.trim().toLowerCase()
  const matches = (formula: FormulaSummary) =>
    [formula.name, formula.summary.texture ?? '', ...formula.summary.diets].some((text) =>
      text.toLowerCase().includes(wanted),
    )
  return (formulas.value ?? []).filter((formula) => !formula.aside && (!wanted || matches(formula)))
})
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
    <SetAsideList :items="aside" @save="saveAside" @drop="dropAside" />
    <p v-if="error" role="alert">{{ error }}</p>
    <div v-else-if="!formulas || !library" class="skeleton" aria-hidden="true" />
    <p v-else-if="!formulas.length">
      The shelf is empty. <button type="button" class="link-button" @click="start">Start a formula</button>: type its
      lines and the cup fills.
    </p>
    <p v-else-if="!found.length">Nothing on the shelf is called or keeps to “{{ asked }}”.</p>
    <ShelfTable v-else-if="shownAs === 'table'" :formulas="found" />
    <ul v-else class="shelf">
      <li v-for="formula in found" :key="formula.id"><ShelfCup :formula="formula" :library="library" /></li>
    </ul>
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
.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(158px, 1fr));
  row-gap: 20px;
}
.deleted {
  margin-top: 28px;
  color: var(--husk);
}
.deleted h2 {
  font-size: 1rem;
}
.shelf li {
  display: grid;
}
</style>

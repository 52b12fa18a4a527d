<script setup lang="ts">
/** The shelf: each formula as its own small cup at its own level, or the plain table. */
import { computed, ref } from 'vue'
import { api, unwrap, type FormulaSummary } from '@/api/client'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import ShelfCup from '@/components/shelf/ShelfCup.vue'
import ShelfTable from '@/components/shelf/ShelfTable.vue'
import { useLibrary } from '@/composables/useLibrary'
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

unwrap(api.GET('/api/formulas'))
  .then((answer) => (formulas.value = answer))
  .catch((failure: Error) => (error.value = failure.message))

const found = computed(() => {
  const wanted = asked.value.trim().toLowerCase()
  const matches = (formula: FormulaSummary) =>
    [formula.name, formula.summary.texture ?? '', ...formula.summary.diets].some((text) =>
      text.toLowerCase().includes(wanted),
    )
  return (formulas.value ?? []).filter((formula) => !wanted || matches(formula))
})
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Formulas</h1>
      <label class="screen-reader" for="search">Search by name, texture or diet</label>
      <InputText id="search" v-model="asked" placeholder="Name, texture or diet" class="search" />
      <SwitchButtons v-model="shownAs" :choices="WAYS" label="Show as" />
      <Button label="New formula" :loading="starting" @click="start" />
    </div>
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
.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(158px, 1fr));
  row-gap: 20px;
}
.shelf li {
  display: grid;
}
</style>

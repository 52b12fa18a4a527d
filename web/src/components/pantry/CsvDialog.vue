<script setup lang="ts">
/** Ingredients from a CSV file: read and looked over first, then kept all or none. */
import { ref, watch } from 'vue'
import { api, unwrap, type OwnIngredient } from '@/api/client'
import { count } from '@/format'

const props = defineProps<{ known: string[] }>()
const emit = defineEmits<{ keep: [ingredients: OwnIngredient[]] }>()
const visible = defineModel<boolean>('visible', { required: true })
const rows = ref<OwnIngredient[]>()
const error = ref<string>()
const fileName = ref('')
const MOST_BYTES = 1_000_000

watch(visible, () => {
  rows.value = error.value = undefined
  fileName.value = ''
})
async function open(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  fileName.value = file.name
  rows.value = error.value = undefined
  if (file.size > MOST_BYTES) {
    error.value = `“${file.name}” is larger than 1 MB.`
    return
  }
  try {
    rows.value = (await unwrap(api.POST('/api/pantry/csv', { body: { text: await file.text() } }))).ingredients
  } catch (failure) {
    error.value = (failure as Error).message
  }
}
</script>

<template>
  <Dialog v-model:visible="visible" modal header="Ingredients from CSV" :style="{ width: 'min(640px, 94vw)' }">
    <p class="quiet">
      The first line names the columns, as in the file that “CSV out” gives; commas or semicolons. Nothing is kept until
      every row can be.
    </p>
    <input type="file" accept=".csv,text/csv" aria-label="CSV file" @change="open" />
    <p v-if="error" class="wrong" role="alert">{{ error }}</p>
    <template v-else-if="rows">
      <p>{{ count(rows.length, 'ingredient') }} in {{ fileName }}:</p>
      <ul class="rows" tabindex="0" aria-label="What the file holds">
        <li v-for="row in rows" :key="row.id">
          <span>{{ row.name ?? row.id }}</span><span class="quiet">{{
            props.known.includes(row.id) ? 'replaces what is there' : 'new'
          }}</span>
        </li>
      </ul>
    </template>
    <div class="foot">
      <Button label="Cancel" severity="secondary" @click="visible = false" />
      <Button label="Keep all" :disabled="!rows" @click="emit('keep', rows!)" />
    </div>
  </Dialog>
</template>

<style scoped>
input {
  margin: 12px 0;
}
.rows {
  max-height: 36vh;
  overflow: auto;
}
.rows li {
  display: flex;
  justify-content: space-between;
  border-top: 1px solid var(--bran);
  padding: 5px 0;
}
.wrong {
  color: var(--berry);
}
.foot {
  display: flex;
  justify-content: end;
  gap: 8px;
  margin-top: 12px;
}
</style>

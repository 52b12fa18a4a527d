<script setup lang="ts">
/** Choose what a line is: any row of the pantry, said as the cook's choice. */
import { computed, ref, watch } from 'vue'
import type { AssessedLine, Library } from '@/api/client'

const props = defineProps<{ line?: AssessedLine; library?: Library }>()
const emit = defineEmits<{ choose: [ingredient: string]; close: [] }>()
const open = computed({ get: () => !!props.line, set: (value) => value || emit('close') })
const asked = ref('')
watch(open, () => (asked.value = ''))

const rows = computed(() => {
  const wanted = asked.value.trim().toLowerCase()
  const all = props.library?.ingredients ?? []
  if (!wanted) {
    const first = props.line?.candidates.map((each) => each.ingredient) ?? []
    return [...all].sort((a, b) => rank(first, a.id) - rank(first, b.id))
  }
  return all.filter((each) => [each.name, ...each.names].some((name) => name.toLowerCase().includes(wanted)))
})
function rank(first: string[], id: string) {
  const at = first.indexOf(id)
  return at < 0 ? first.length : at
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :header="`What is “${line?.text ?? ''}”?`"
    :style="{ width: 'min(560px, 94vw)' }"
    :dismissable-mask="true"
  >
    <label for="pantry-search" class="screen-reader">Search the pantry</label>
    <InputText id="pantry-search" v-model="asked" placeholder="Search the pantry" fluid autofocus />
    <ul class="rows" tabindex="0" aria-label="Ingredients">
      <li v-for="row in rows" :key="row.id">
        <button type="button" :class="{ now: row.id === line?.ingredient }" @click="emit('choose', row.id)">
          <span>{{ row.name }}</span><span class="quiet">{{ row.family }}</span>
        </button>
      </li>
      <li v-if="!rows.length" class="quiet none">Nothing in the pantry matches.</li>
    </ul>
  </Dialog>
</template>

<style scoped>
.rows {
  margin-top: 10px;
  max-height: 46vh;
  overflow: auto;
  border-top: 1px solid var(--bran);
}
.rows button {
  display: flex;
  justify-content: space-between;
  width: 100%;
  padding: 9px 8px;
  border: 0;
  border-bottom: 1px solid var(--bran);
  background: none;
  cursor: pointer;
  text-align: left;
}
.rows button:hover {
  background: var(--oat);
}
.now {
  background: var(--elm-tint) !important;
}
.none {
  padding: 12px 8px;
}
</style>

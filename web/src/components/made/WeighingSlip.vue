<script setup lang="ts">
/** The slip with planned and actual side by side; what was added in the bowl stands under it, in the order it went in. */
import { figure } from '@/format'
import type { WeighingRow } from '@/components/made/weighingRow'

const rows = defineModel<WeighingRow[]>('rows', { required: true })
const additions = defineModel<string[]>('additions', { required: true })
const addition = defineModel<string>('addition', { required: true })
defineEmits<{ add: [] }>()
</script>

<template>
  <section class="panel slip" aria-labelledby="weighed">
    <h2 id="weighed">What went in</h2>
    <table>
      <thead>
        <tr>
          <th scope="col">Line</th>
          <th scope="col" class="right">Planned</th>
          <th scope="col" class="right">Actual, g</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, at) in rows" :key="at">
          <td>{{ row.text }}</td>
          <td class="right figure">{{ row.planned === undefined ? '–' : `${figure(row.planned, 1)} g` }}</td>
          <td class="right">
            <input
              v-model="row.actual"
              type="number"
              min="0"
              max="100000"
              step="any"
              inputmode="decimal"
              class="grams"
              :aria-label="`Actual grams of ${row.text}`"
            />
          </td>
        </tr>
        <tr v-for="(text, at) in additions" :key="`added-${at}`" class="added">
          <td colspan="2">+ {{ text }}</td>
          <td class="right">
            <button type="button" class="link-button" @click="additions.splice(at, 1)">Take out</button>
          </td>
        </tr>
      </tbody>
    </table>
    <div class="add">
      <InputText
        v-model="addition"
        maxlength="300"
        placeholder="Added in the bowl: 1 tsp water"
        aria-label="Added in the bowl"
        fluid
        @keydown.enter.prevent="$emit('add')"
      />
      <Button type="button" label="Add" severity="secondary" @click="$emit('add')" />
    </div>
  </section>
</template>

<style scoped>
.slip {
  padding: 14px 16px;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin: 8px 0;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--husk);
}
td,
th {
  padding: 6px 4px;
  border-bottom: 1px solid var(--bran);
}
.right {
  text-align: right;
}
.grams {
  width: 92px;
  text-align: right;
}
input[type='number'] {
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
  padding: 6px 8px;
  min-height: 36px;
}
.added td {
  color: var(--elm);
}
.add {
  display: flex;
  gap: 8px;
}
</style>

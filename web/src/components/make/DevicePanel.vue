<script setup lang="ts">
/** The simulated scale in the hand: what a cook would do with a real one. */
import { ref } from 'vue'
import { api, unwrap } from '@/api/client'
import { say } from '@/composables/useNotice'
import { typedNumber } from '@/format'

const props = defineProps<{ target?: number }>()
const grams = ref('')
async function act(what: 'put' | 'pour' | 'lift' | 'lose', amount?: number) {
  try {
    await unwrap(
      api.POST('/api/devices/{device}/simulate', {
        params: { path: { device: 'scale' } },
        body: { key: crypto.randomUUID(), do: what, ...(amount === undefined ? {} : { grams: amount, seconds: 3 }) },
      }),
    )
  } catch (failure) {
    say((failure as Error).message)
  }
}
const amount = () => typedNumber(grams.value) ?? props.target ?? 10
</script>

<template>
  <details class="devices">
    <summary>Simulated scale</summary>
    <div class="row">
      <label
        >Grams <input v-model="grams" type="text" inputmode="decimal" maxlength="8" :placeholder="String(target ?? 10)"
      /></label>
      <button type="button" class="second" @click="act('pour', amount())">Pour</button>
      <button type="button" class="second" @click="act('lift')">Lift all off</button>
      <button type="button" class="second" @click="act('lose')">Lose the line</button>
    </div>
  </details>
</template>

<style scoped>
.devices {
  border: 1px dashed var(--husk);
  border-radius: var(--radius);
  padding: 0 16px;
}
summary {
  min-height: 56px;
  display: flex;
  align-items: center;
  cursor: pointer;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
  padding-bottom: 14px;
}
label {
  display: grid;
}
input {
  min-height: 56px;
  width: 8ch;
  padding: 4px 10px;
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
  background: var(--milk);
}
</style>

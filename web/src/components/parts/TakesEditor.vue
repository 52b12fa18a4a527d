<script setup lang="ts">
/** What this component takes of others: "25 %", "60 g" or "1/4 cup" of each. */
import { computed, ref } from 'vue'
import type { AssessedComponent } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { takeText } from '@/composables/useParts'
import { figure, percent } from '@/format'

const props = defineProps<{ document: FormulaDocument; index: number; assessed?: AssessedComponent }>()
const emit = defineEmits<{ take: [at: number | undefined, amount: string, of?: string] }>()
const part = computed(() => props.document.components[props.index])
const takes = computed(() => part.value?.takes ?? [])

/** Components that this one may take of without going round in a loop, as the core says; none that was renamed meanwhile. */
const sources = computed(() => {
  const there = props.document.components.map((each) => each.name)
  return (props.assessed?.may_take ?? []).filter((name) => there.includes(name) && name !== part.value?.name)
})
const source = ref<string>()
const amount = ref('')
/** The form for another opens when it is asked for. */
const asked = ref(false)
function add() {
  if (!amount.value.trim()) return
  emit('take', undefined, amount.value, source.value ?? sources.value[0]!)
  amount.value = ''
  asked.value = false
}
function change(at: number, typed: string) {
  if (typed.trim()) emit('take', at, typed)
}
const said = (at: number) => props.assessed?.takes[at]
</script>

<template>
  <div v-if="sources.length || takes.length" class="takes">
    <ul v-if="takes.length">
      <li v-for="(take, at) in takes" :key="at">
        <span class="quiet">takes</span>
        <input
          :value="takeText(take)"
          class="plain-field amount"
          maxlength="80"
          :aria-label="`How much of ${take.component}`"
          @change="change(at, ($event.target as HTMLInputElement).value)"
        />
        <span
          >of <strong>{{ take.component }}</strong></span
        >
        <template v-if="said(at)?.status === 'read'">
          <span class="quiet figure">{{ figure(said(at)!.grams!) }} g, {{ percent(said(at)!.share!) }} of it</span>
          <span v-for="word in said(at)!.assumptions" :key="word" class="quiet">{{ word }}</span>
        </template>
        <span v-else-if="said(at)" class="wrong">{{ said(at)!.message }}</span>
        <button
          type="button"
          class="link-button"
          :aria-label="`Take nothing of ${take.component}`"
          @click="emit('take', at, '')"
        >
          ×
        </button>
      </li>
    </ul>
    <button v-if="sources.length && !asked" type="button" class="link-button" @click="asked = true">
      Take some of another part
    </button>
    <form v-if="sources.length && asked" class="new" @submit.prevent="add" @keydown.esc="asked = false">
      <label class="quiet" for="take-amount">takes</label>
      <input
        id="take-amount"
        v-model="amount"
        class="plain-field amount"
        maxlength="80"
        placeholder="25 %, 60 g, 1/4 cup"
      />
      <span class="quiet">of</span>
      <Select
        aria-label="Of which part"
        :model-value="source ?? sources[0]"
        :options="sources"
        size="small"
        @update:model-value="source = $event"
      />
      <Button type="submit" label="Take" size="small" severity="secondary" :disabled="!amount.trim()" />
    </form>
  </div>
</template>

<style scoped>
.takes {
  margin-bottom: 10px;
}
.takes li,
.new {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  padding: 3px 0;
}
.amount {
  width: 150px;
}
.takes li .amount {
  width: 92px;
}
.wrong {
  color: var(--berry);
}
</style>

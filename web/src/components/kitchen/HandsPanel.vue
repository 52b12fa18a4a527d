<script setup lang="ts">
/** Who is there, when nobody is, and what there is one of: what plans are laid within. */
import { computed, ref } from 'vue'
import type { Kitchen } from '@/api/client'

const props = defineProps<{ kitchen: Kitchen }>()
const emit = defineEmits<{ change: [changes: Partial<Kitchen>] }>()

type Away = NonNullable<Kitchen['away']>[number]
const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
const WORDS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']
const COUNTS = [
  { key: 'hands', word: 'Pairs of hands', least: 1 },
  { key: 'melt', word: 'Melting bowls', least: 0 },
  { key: 'hob', word: 'Rings of the hob', least: 0 },
  { key: 'oven', word: 'Ovens', least: 0 },
] as const
const ASLEEP: [string, string] = ['23:00', '07:00']
const asleep = computed(() => (props.kitchen.asleep === null ? undefined : (props.kitchen.asleep ?? ASLEEP)))
const away = computed(() => props.kitchen.away ?? [])
function count(key: (typeof COUNTS)[number]['key'], field: HTMLInputElement) {
  if (!field.checkValidity() || !Number.isInteger(field.valueAsNumber)) field.value = String(props.kitchen[key] ?? 1)
  else emit('change', { [key]: field.valueAsNumber })
}
function sleep(at: 0 | 1, value: string) {
  if (!value) return
  const next: [string, string] = [...((asleep.value ?? ASLEEP) as [string, string])]
  next[at] = value
  emit('change', { asleep: next })
}
const days = ref<Away['days']>(['mon', 'tue', 'wed', 'thu', 'fri'])
const from = ref('08:00')
const to = ref('17:00')
const why = ref('')
function add() {
  if (!days.value.length || !from.value || !to.value) return
  const each: Away = {
    days: [...days.value],
    start: from.value,
    end: to.value,
    ...(why.value.trim() ? { why: why.value.trim() } : {}),
  }
  emit('change', { away: [...away.value, each] })
  why.value = ''
}
const remove = (index: number) => emit('change', { away: away.value.filter((_, at) => at !== index) })
const spoken = (each: Away) => {
  const at = each.days.map((day) => DAYS.indexOf(day)).sort((one, other) => one - other)
  const run = at.length > 2 && at.at(-1)! - at[0]! === at.length - 1
  return run ? `${WORDS[at[0]!]} to ${WORDS[at.at(-1)!]}` : at.map((day) => WORDS[day]).join(', ')
}
</script>

<template>
  <section class="panel hands" aria-labelledby="hands-title" data-hands>
    <h2 id="hands-title">Hands and hours</h2>
    <p class="quiet">Plans are laid within this.</p>
    <div class="counts">
      <label v-for="each in COUNTS" :key="each.key"
        >{{ each.word }}
        <input
          type="number"
          class="plain-field number"
          :min="each.least"
          max="9"
          required
          :value="kitchen[each.key] ?? 1"
          @change="count(each.key, $event.target as HTMLInputElement)"
      /></label>
    </div>
    <p class="night">
      <label
        ><input
          type="checkbox"
          :checked="!!asleep"
          @change="emit('change', { asleep: ($event.target as HTMLInputElement).checked ? ASLEEP : null })"
        />
        Asleep</label
      >
      <template v-if="asleep">
        from
        <input
          type="time"
          class="plain-field"
          aria-label="Asleep from"
          :value="asleep[0]"
          @change="sleep(0, ($event.target as HTMLInputElement).value)"
        />
        to
        <input
          type="time"
          class="plain-field"
          aria-label="Asleep until"
          :value="asleep[1]"
          @change="sleep(1, ($event.target as HTMLInputElement).value)"
        />
      </template>
    </p>
    <h3>Away every week</h3>
    <ul>
      <li v-for="(each, index) in away" :key="index">
        {{ spoken(each) }}, {{ each.start }} to {{ each.end }}<template v-if="each.why">, {{ each.why }}</template>
        <button
          type="button"
          class="link-button"
          :aria-label="`Remove ${each.why ?? spoken(each)}`"
          @click="remove(index)"
        >
          remove
        </button>
      </li>
    </ul>
    <form class="add" @submit.prevent="add">
      <fieldset>
        <legend class="screen-reader">Days</legend>
        <label v-for="(day, at) in DAYS" :key="day"
          ><input v-model="days" type="checkbox" :value="day" /> {{ WORDS[at] }}</label
        >
      </fieldset>
      <input v-model="from" type="time" class="plain-field" aria-label="Away from" required />
      <input v-model="to" type="time" class="plain-field" aria-label="Away until" required />
      <input v-model="why" class="plain-field" maxlength="60" placeholder="work" aria-label="Why" />
      <Button type="submit" label="Add" severity="secondary" size="small" />
    </form>
  </section>
</template>

<style scoped>
.hands {
  padding: 12px 16px 16px;
  display: grid;
  gap: 8px;
}
h3 {
  font-size: 1rem;
}
.counts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 20px;
}
.counts label {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
.number {
  width: 58px;
}
.plain-field {
  padding: 3px 6px;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
</style>

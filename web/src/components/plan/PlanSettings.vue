<script setup lang="ts">
/** What is planned: formulas and how many of each, the hour, who is away, who comes. */
import { computed, ref } from 'vue'
import { api, unwrap, type Plan, type PlanRequest } from '@/api/client'
import ActionMenu from '@/components/frame/ActionMenu.vue'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import { minuteOf } from '@/drawings/dayScale'
import { clockIn, dayIn, typedNumber, wallIn } from '@/format'

const props = defineProps<{ plan: Plan; request: PlanRequest }>()
const emit = defineEmits<{ change: [make: (copy: PlanRequest) => void] }>()

const MODES = [
  { id: 'ready_by', word: 'Ready by' },
  { id: 'start_at', word: 'Start at' },
] as const
const letter = (at: number) => String.fromCharCode(65 + at)
const at = computed(() => wallIn(minuteOf(props.plan.at), props.plan.zone))
const names = ref<{ id: number; word: string }[]>([])
async function listFormulas() {
  names.value = (await unwrap(api.GET('/api/formula-names'))).map((each) => ({ id: each.id, word: each.name }))
}
function setAt(field: HTMLInputElement) {
  if (!field.value) return void (field.value = at.value)
  emit('change', (copy) => void (copy.at = field.value))
}
function setPieces(index: number, field: HTMLInputElement) {
  const value = typedNumber(field.value)
  if (value === undefined || !Number.isFinite(value) || !field.checkValidity()) {
    field.value = String(props.plan.formulas[index]!.pieces ?? '')
    return
  }
  emit('change', (copy) => {
    copy.formulas[index]!.pieces = Math.round(value)
    delete copy.formulas[index]!.times
    freed(copy)
  })
}
/** Tasks of another size have other names. */
const freed = (copy: PlanRequest) => void delete copy.pins
const remove = (index: number) =>
  emit('change', (copy) => {
    copy.formulas.splice(index, 1)
    freed(copy)
  })
const add = (formula: number) =>
  emit('change', (copy) => {
    copy.formulas.push({ formula })
  })
function readyBy(index: number, field: HTMLInputElement) {
  emit('change', (copy) => {
    if (field.value) copy.formulas[index]!.ready_by = field.value
    else delete copy.formulas[index]!.ready_by
  })
}
/** The formula that an hour of its own is being said for. */
const sooner = ref<number>()
const away = computed(() => props.request.away ?? [])
const from = ref('')
const to = ref('')
const why = ref('')
function addAway() {
  if (!from.value || !to.value) return
  const each = { start: from.value, end: to.value, ...(why.value.trim() ? { why: why.value.trim() } : {}) }
  emit('change', (copy) => void (copy.away = [...(copy.away ?? []), each]))
  from.value = to.value = why.value = ''
}
const removeAway = (index: number) => emit('change', (copy) => void copy.away?.splice(index, 1))
const spoken = (iso: string) => {
  const minute = /[zZ]|[+-]\d\d:\d\d$/.test(iso) ? minuteOf(iso) : undefined
  return minute === undefined
    ? iso.replace('T', ' ')
    : `${dayIn(minute, props.plan.zone)} ${clockIn(minute, props.plan.zone)}`
}
const people = computed(() => props.request.guests?.[0]?.people ?? 0)
const each = computed(() => props.request.guests?.[0]?.pieces_each ?? 3)
function guests(field: HTMLInputElement, key: 'people' | 'pieces_each') {
  const value = typedNumber(field.value) ?? 0
  if (!Number.isFinite(value) || !field.checkValidity()) return
  emit('change', (copy) => {
    const first = { people: people.value, pieces_each: each.value, ...copy.guests?.[0], [key]: value }
    copy.guests = [first, ...(copy.guests?.slice(1) ?? [])].filter((group) => group.people > 0)
  })
}
</script>

<template>
  <div class="settings">
    <section aria-labelledby="when-title">
      <h2 id="when-title" class="screen-reader">When</h2>
      <SwitchButtons
        label="What the hour is"
        :choices="MODES"
        :model-value="plan.mode"
        @update:model-value="(mode) => emit('change', (copy) => void (copy.mode = mode))"
      />
      <input
        type="datetime-local"
        class="plain-field"
        aria-label="The hour"
        :value="at"
        @change="setAt($event.target as HTMLInputElement)"
      />
    </section>
    <section aria-labelledby="what-title">
      <h2 id="what-title">What</h2>
      <ul>
        <li v-for="formula in plan.formulas" :key="formula.index">
          <b :class="{ other: formula.index % 2 === 1 }">{{ letter(formula.index) }}</b>
          <RouterLink v-if="formula.formula" :to="`/formulas/${formula.formula}/steps`">{{ formula.name }}</RouterLink>
          <span v-else>{{ formula.name }}</span>
          <span class="fields">
            <input
              type="number"
              class="plain-field number"
              min="1"
              max="2000"
              :aria-label="`Pieces of ${formula.name}`"
              :value="formula.pieces"
              @change="setPieces(formula.index, $event.target as HTMLInputElement)"
            />
            pieces
            <button
              v-if="plan.formulas.length > 1"
              type="button"
              class="link-button"
              :aria-label="`Remove ${formula.name}`"
              @click="remove(formula.index)"
            >
              remove
            </button>
          </span>
          <button
            v-if="plan.mode === 'ready_by' && plan.formulas.length > 1 && !formula.ready_by && sooner !== formula.index"
            type="button"
            class="link-button sooner"
            @click="sooner = formula.index"
          >
            sooner than the rest
          </button>
          <label v-else-if="formula.ready_by || sooner === formula.index" class="sooner"
            >there by
            <input
              type="datetime-local"
              class="plain-field"
              :value="formula.ready_by ? wallIn(minuteOf(formula.ready_by), plan.zone) : ''"
              @change="readyBy(formula.index, $event.target as HTMLInputElement)"
          /></label>
        </li>
      </ul>
      <ActionMenu
        label="Add a formula"
        placeholder="Add a formula"
        :choices="names"
        @open="listFormulas"
        @choose="add"
      />
    </section>
    <section aria-labelledby="away-title">
      <h2 id="away-title">Away</h2>
      <ul>
        <li v-for="(absence, index) in away" :key="index" class="away">
          <span
            >{{ spoken(absence.start) }} to {{ spoken(absence.end).slice(-5)
            }}{{ absence.why ? `, ${absence.why}` : '' }}</span
          >
          <button
            type="button"
            class="link-button"
            :aria-label="`Remove ${absence.why ?? 'absence'}`"
            @click="removeAway(index)"
          >
            remove
          </button>
        </li>
      </ul>
      <form class="new-away" @submit.prevent="addAway">
        <input v-model="from" type="datetime-local" class="plain-field" aria-label="Away from" />
        <input v-model="to" type="datetime-local" class="plain-field" aria-label="Away until" />
        <input v-model="why" class="plain-field" maxlength="60" placeholder="work" aria-label="Why" />
        <Button type="submit" label="Add" severity="secondary" size="small" :disabled="!from || !to" />
      </form>
      <p class="quiet">
        Nights and working hours that come again stand in <RouterLink to="/kitchen">Kitchen</RouterLink>.
      </p>
    </section>
    <section aria-labelledby="guests-title">
      <h2 id="guests-title">Guests</h2>
      <span class="fields">
        <input
          type="number"
          class="plain-field number"
          min="0"
          max="2000"
          aria-label="Guests"
          :value="people"
          @change="guests($event.target as HTMLInputElement, 'people')"
        />
        people,
        <input
          type="number"
          class="plain-field number"
          min="0"
          max="100"
          step="any"
          aria-label="Pieces each"
          :value="each"
          @change="guests($event.target as HTMLInputElement, 'pieces_each')"
        />
        pieces each
      </span>
      <p v-if="plan.guests" :class="{ short: plan.guests.short }" data-guests>{{ plan.guests.words }}</p>
    </section>
    <section aria-labelledby="reserve-title">
      <h2 id="reserve-title">Time to spare</h2>
      <p>
        {{ plan.reserve_minutes }} minutes kept free.
        <button
          v-if="plan.mode === 'ready_by' && plan.reserve_minutes !== plan.offered_reserve_minutes"
          type="button"
          class="link-button"
          @click="emit('change', (copy) => void (copy.reserve_minutes = plan.offered_reserve_minutes))"
        >
          Keep {{ plan.offered_reserve_minutes }}, for hands that are slower
        </button>
        <button
          v-if="plan.reserve_minutes"
          type="button"
          class="link-button"
          @click="emit('change', (copy) => void delete copy.reserve_minutes)"
        >
          none
        </button>
      </p>
    </section>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  gap: 16px;
  align-content: start;
}
section {
  display: grid;
  gap: 6px;
  justify-items: start;
}
h2 {
  font-size: 1rem;
}
ul {
  display: grid;
  gap: 8px;
  width: 100%;
}
li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr);
  gap: 2px 8px;
}
li b {
  background: var(--elm);
  color: var(--on-elm);
  border-radius: var(--radius-in);
  text-align: center;
  height: 22px;
}
li b.other {
  background: var(--date);
}
li .fields,
li .sooner {
  grid-column: 2;
}
.sooner {
  font-size: 0.875rem;
  justify-self: start;
}
.away {
  grid-template-columns: minmax(0, 1fr) auto;
}
.new-away {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.number {
  width: 72px;
}
.plain-field {
  padding: 3px 6px;
  max-width: 100%;
}
.short {
  color: var(--berry);
}
@media (pointer: coarse) {
  .plain-field,
  .link-button {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
/** A glass of water that cools says how fast a place takes heat: what to do, the readings, before and after. */
import { computed, ref } from 'vue'
import { api, unwrap, type GlassAnswer, type Place } from '@/api/client'
import { figure, typedNumber } from '@/format'

const props = defineProps<{ place: Place }>()
const emit = defineEmits<{ keep: [top: number, bottom: number] }>()

const FEWEST = 3
const rows = ref(Array.from({ length: FEWEST }, () => ({ minutes: '', celsius: '' })))
rows.value[0] = { minutes: '0', celsius: '20' }
const answer = ref<GlassAnswer>()
const error = ref<string>()
const readings = computed(() =>
  rows.value
    .map((row) => [typedNumber(row.minutes), typedNumber(row.celsius)] as const)
    .filter((pair): pair is readonly [number, number] =>
      pair.every((each) => each !== undefined && Number.isFinite(each)),
    ),
)
/** There is always an empty row to type into. */
function more() {
  const last = rows.value.at(-1)!
  if (last.minutes && last.celsius) rows.value.push({ minutes: '', celsius: '' })
  answer.value = undefined
}
async function judge() {
  const { kind, dial_c, air_c, fan } = props.place
  if (kind === 'room') return
  try {
    answer.value = await unwrap(
      api.POST('/api/kitchen/glass', {
        body: {
          kind,
          dial_c,
          ...(typeof air_c === 'number' ? { air_c } : {}),
          fan: fan ?? false,
          readings: readings.value.map((pair) => [...pair]),
        },
      }),
    )
    error.value = undefined
  } catch (failure) {
    answer.value = undefined
    error.value = (failure as Error).message
  }
}
const range = (pair?: number[]) => (pair ? `${pair[0]} to ${pair[1]} min` : 'never')
</script>

<template>
  <div class="glass" data-glass>
    <p>
      Put 200 g of water at about 20 °C in a tumbler into the middle, door shut. Take its temperature now and then until
      it is near {{ place.kind === 'freezer' ? '5 °C; take it out before it freezes' : 'the air of the fridge' }}.
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col">After, min</th>
          <th scope="col">Water, °C</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, at) in rows" :key="at">
          <td>
            <input
              v-model="row.minutes"
              class="plain-field"
              inputmode="decimal"
              :aria-label="`Minutes of reading ${at + 1}`"
              @input="more"
            />
          </td>
          <td>
            <input
              v-model="row.celsius"
              class="plain-field"
              inputmode="decimal"
              :aria-label="`°C of reading ${at + 1}`"
              @input="more"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <Button label="See what it says" severity="secondary" size="small" :disabled="readings.length < 2" @click="judge" />
    <p v-if="error" class="fault" role="alert">{{ error }}</p>
    <div v-if="answer" class="answer" aria-live="polite">
      <p>
        <strong>{{ answer.words }}</strong> {{ figure(answer.h, 1) }} W/(m² K), {{ figure(answer.h_low, 1) }} to
        {{ figure(answer.h_high, 1) }}; usual is {{ figure(answer.usual_h, 1) }}.
      </p>
      <p>
        A ball of 25 mm to dip: <span class="figure">{{ range(answer.before) }}</span> before,
        <span class="figure">{{ range(answer.after) }}</span> after.
      </p>
      <p v-for="note in answer.notes" :key="note" class="quiet">{{ note }}</p>
      <Button label="Go by it" size="small" @click="emit('keep', answer.h_top, answer.h_bottom)" />
    </div>
  </div>
</template>

<style scoped>
.glass,
.answer {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.glass {
  border-left: 3px solid var(--frost);
  padding-left: 12px;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--husk);
  font-size: 0.875rem;
  padding-right: 10px;
}
td {
  padding: 2px 10px 2px 0;
}
.plain-field {
  width: 84px;
}
.fault {
  color: var(--berry);
}
@media (pointer: coarse) {
  .plain-field {
    min-height: 44px;
  }
}
</style>

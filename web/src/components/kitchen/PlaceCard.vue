<script setup lang="ts">
/** One freezer or fridge: its dial, its air where it was measured, whether a fan stirs it, and what a glass of water says of it. */
import { computed, ref } from 'vue'
import type { Place } from '@/api/client'
import { figure, typedNumber } from '@/format'
import GlassTest from './GlassTest.vue'

const props = defineProps<{ place: Place; several: boolean }>()
const emit = defineEmits<{ change: [place: Place]; remove: [] }>()

/** K that the air is usually warmer than the dial says: what is taken until it is measured. */
const OFF = { freezer: 3, fridge: 2, room: 0 }
const LIMITS = { freezer: [-40, 0], fridge: [-5, 15], room: [0, 45] }
const NAMES = { freezer: 'Freezer', fridge: 'Fridge', room: 'Room' }
/** Trays that usually go in: a plate into a freezer, two into a fridge. */
const SLOTS = { freezer: 1, fridge: 2, room: 0 }
const testing = ref(false)
const limits = computed(() => LIMITS[props.place.kind])
const measured = computed(() => typeof props.place.air_c === 'number')
const air = computed(() => (measured.value ? props.place.air_c! : props.place.dial_c + OFF[props.place.kind]))
const calibrated = computed(() => props.place.h_top && props.place.h_bottom)

function dial(field: HTMLInputElement) {
  const value = typedNumber(field.value)
  if (value === undefined || !field.checkValidity()) field.value = String(props.place.dial_c)
  else emit('change', { ...props.place, dial_c: value })
}
function thermometer(field: HTMLInputElement) {
  const value = typedNumber(field.value)
  if (value !== undefined && !field.checkValidity()) field.value = measured.value ? String(props.place.air_c) : ''
  else emit('change', { ...props.place, air_c: value ?? null })
}
/** What a glass of water said is of this air and this fan: another wants another glass. */
const without = (place: Place) =>
  Object.fromEntries(Object.entries(place).filter(([key]) => !key.startsWith('h_'))) as Place
const fan = (on: boolean) => emit('change', { ...without(props.place), fan: on })
function slots(field: HTMLInputElement) {
  if (!field.checkValidity() || !Number.isInteger(field.valueAsNumber))
    field.value = String(props.place.slots ?? SLOTS[props.place.kind])
  else emit('change', { ...props.place, slots: field.valueAsNumber })
}
function keep(top: number, bottom: number) {
  testing.value = false
  emit('change', { ...props.place, h_top: top, h_bottom: bottom })
}
</script>

<template>
  <section class="place" :aria-label="place.name ?? NAMES[place.kind]" :data-place="place.id">
    <div class="head">
      <h3>{{ place.name ?? NAMES[place.kind] }}</h3>
      <button v-if="several" type="button" class="link-button" @click="$emit('remove')">Remove</button>
    </div>
    <label class="field"
      ><span>Its dial</span>
      <span
        ><input
          type="number"
          class="plain-field number"
          :min="limits[0]"
          :max="limits[1]"
          step="any"
          required
          :value="place.dial_c"
          @change="dial($event.target as HTMLInputElement)"
        />
        °C</span
      ></label
    >
    <label class="field"
      ><span>Its air, by a thermometer <span class="quiet">· leave it empty if you have not measured</span></span>
      <span
        ><input
          type="number"
          class="plain-field number"
          min="-45"
          max="45"
          step="any"
          :value="place.air_c ?? ''"
          @change="thermometer($event.target as HTMLInputElement)"
        />
        °C</span
      ></label
    >
    <label class="field"
      ><span>A fan stirs the air</span>
      <input type="checkbox" :checked="place.fan ?? false" @change="fan(($event.target as HTMLInputElement).checked)"
    /></label>
    <label class="field"
      ><span>Trays that go in <span class="quiet">· plans are laid within it</span></span>
      <input
        type="number"
        class="plain-field number"
        min="0"
        max="40"
        required
        :value="place.slots ?? SLOTS[place.kind]"
        @change="slots($event.target as HTMLInputElement)"
    /></label>
    <p class="quiet">
      {{
        measured
          ? `Times go by ${figure(air, 1)} °C.`
          : `Times go by ${figure(air, 1)} °C: most are about ${OFF[place.kind]} °C warmer than their dial.`
      }}
      {{ calibrated ? 'A glass of water set how fast it cools.' : 'How fast it cools is taken as usual.' }}
    </p>
    <p class="ways">
      <button type="button" class="link-button" :aria-expanded="testing" @click="testing = !testing">
        {{ calibrated ? 'Test it again with a glass of water' : 'Test it with a glass of water' }}
      </button>
      <button v-if="calibrated" type="button" class="link-button" @click="emit('change', without(place))">
        As usual again
      </button>
    </p>
    <GlassTest v-if="testing" :place="place" @keep="keep" />
  </section>
</template>

<style scoped>
.place {
  display: grid;
  gap: 8px;
  padding-top: 10px;
  border-top: 1px solid var(--bran);
}
.head,
.field {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
h3 {
  font-size: 1rem;
}
.number {
  width: 76px;
}
.field > span:last-child {
  white-space: nowrap;
}
[type='checkbox'] {
  width: 20px;
  height: 20px;
}
.ways {
  display: flex;
  gap: 4px 18px;
  flex-wrap: wrap;
}
</style>

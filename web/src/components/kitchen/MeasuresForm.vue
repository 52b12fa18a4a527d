<script setup lang="ts">
/** Cups, spoons and how warm it is: what a bowl is measured and judged by. */
import { computed } from 'vue'
import type { Library } from '@/api/client'

interface Measures {
  cup: string
  spoons: string[]
  room_c: number
  fridge_c: number
  freezer_c: number
}
const props = defineProps<{
  now: Measures
  library: Library
  /** Fridge and freezer have a panel of their own. */
  roomOnly?: boolean
}>()
const emit = defineEmits<{ change: [changes: Partial<Measures>] }>()

/** Those to choose from, and any other that there are. */
const spoons = computed(() => [...new Set([...props.library.spoons, ...props.now.spoons])])
const PLACES = [
  { key: 'room_c', word: 'Room', why: 'hard fats are softer in the warm', least: 0, most: 45 },
  { key: 'fridge_c', word: 'Fridge', why: 'its air', least: -5, most: 15 },
  { key: 'freezer_c', word: 'Freezer', why: 'its air', least: -40, most: 0 },
] as const

const shown = computed(() => (props.roomOnly ? PLACES.filter((place) => place.key === 'room_c') : PLACES))

function tick(spoon: string, there: boolean) {
  emit('change', { spoons: spoons.value.filter((each) => (each === spoon ? there : props.now.spoons.includes(each))) })
}
function warm(key: (typeof PLACES)[number]['key'], field: HTMLInputElement) {
  const celsius = field.valueAsNumber
  if (field.checkValidity() && Number.isFinite(celsius)) emit('change', { [key]: celsius })
  else field.value = String(props.now[key])
}
</script>

<template>
  <div class="measures">
    <label class="field">
      <span>Cups</span>
      <Select
        aria-label="Cup standard"
        :model-value="now.cup"
        :options="library.cups"
        option-label="name"
        option-value="id"
        size="small"
        @update:model-value="emit('change', { cup: $event })"
      />
    </label>
    <fieldset>
      <legend>Spoons you have <span class="quiet">· doses use these</span></legend>
      <label v-for="spoon in spoons" :key="spoon" class="spoon">
        <input
          type="checkbox"
          :checked="now.spoons.includes(spoon)"
          :disabled="now.spoons.length === 1 && now.spoons.includes(spoon)"
          @change="tick(spoon, ($event.target as HTMLInputElement).checked)"
        />
        {{ spoon }}
      </label>
    </fieldset>
    <label v-for="place in shown" :key="place.key" class="field">
      <span
        >{{ place.word }} <span class="quiet">· {{ place.why }}</span></span
      >
      <span
        ><input
          type="number"
          class="plain-field number"
          :min="place.least"
          :max="place.most"
          step="any"
          required
          :value="now[place.key]"
          @change="warm(place.key, $event.target as HTMLInputElement)"
        />
        °C</span
      >
    </label>
  </div>
</template>

<style scoped>
.measures {
  display: grid;
  gap: 12px;
}
.field {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
fieldset {
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  padding: 6px 12px 10px;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.spoon {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 32px;
}
.spoon input {
  width: 18px;
  height: 18px;
}
.number {
  width: 76px;
}
@media (pointer: coarse) {
  .spoon {
    min-height: 44px;
  }
}
</style>

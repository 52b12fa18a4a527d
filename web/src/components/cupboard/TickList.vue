<script setup lang="ts">
/** Everything the pantry knows, to tick: what there is, how much of it, what must be used up. What is ticked stands first. */
import { computed, ref } from 'vue'
import type { Library } from '@/api/client'

const props = defineProps<{
  library: Library
  ticked: string[]
  useUp: string[]
  /** Grams as typed, by id. */
  grams: Record<string, string>
}>()
const emit = defineEmits<{
  tick: [id: string, on: boolean]
  mustGo: [id: string, on: boolean]
  grams: [id: string, typed: string]
}>()
const asked = ref('')
const rows = computed(() => {
  const wanted = asked.value.trim().toLowerCase()
  const all = props.library.ingredients.filter((each) => each.family !== 'water')
  return wanted
    ? all.filter((each) => [each.name, ...each.names, each.family].some((name) => name.toLowerCase().includes(wanted)))
    : all
})
const mine = computed(() => rows.value.filter((each) => props.ticked.includes(each.id)))
const rest = computed(() => rows.value.filter((each) => !props.ticked.includes(each.id)))
const on = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <section class="ticks" aria-label="What you have">
    <label for="cupboard-search" class="screen-reader">Search ingredients</label>
    <InputText id="cupboard-search" v-model="asked" placeholder="Search: dates, nut butter …" fluid />
    <div class="list" tabindex="0" role="group" aria-label="Ingredients to tick">
      <ul v-if="mine.length">
        <li v-for="each in mine" :key="each.id" class="have">
          <label><input type="checkbox" checked @change="emit('tick', each.id, on($event))" /> {{ each.name }}</label>
          <label class="up"
            ><input type="checkbox" :checked="useUp.includes(each.id)" @change="emit('mustGo', each.id, on($event))" />
            use it up</label
          >
          <input
            :value="grams[each.id]"
            class="grams"
            @input="emit('grams', each.id, ($event.target as HTMLInputElement).value)"
            inputmode="decimal"
            placeholder="g"
            :aria-label="`Grams of ${each.name.toLowerCase()}, where you know`"
          />
        </li>
      </ul>
      <ul class="rest">
        <li v-for="each in rest" :key="each.id">
          <label
            ><input type="checkbox" :checked="false" @change="emit('tick', each.id, on($event))" />
            {{ each.name }}</label
          >
          <span class="quiet">{{ each.family }}</span>
        </li>
      </ul>
      <p v-if="!rows.length" class="quiet">Nothing in the pantry matches.</p>
    </div>
  </section>
</template>

<style scoped>
.list {
  margin-top: 8px;
  max-height: min(62vh, 640px);
  overflow: auto;
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 5px 12px;
  border-bottom: 1px solid var(--bran);
}
li > label:first-child {
  flex: 1;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 28px;
  cursor: pointer;
}
.have {
  background: var(--elm-tint);
}
.up {
  color: var(--husk);
  font-size: 0.9375rem;
}
.grams {
  width: 62px;
  height: 30px;
  text-align: right;
  padding: 0 6px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
}
@media (pointer: coarse) {
  label {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
/** How long it may be out of the cold in a room: to dip, to cut, to serve. */
import { computed, ref } from 'vue'
import type { ColdCard } from '@/api/client'

const props = defineProps<{
  out: ColdCard['out']
  /** It is eaten with a spoon: nobody cuts it. */
  spooned?: boolean
}>()
const rooms = computed(() => [...new Set(props.out.map((each) => each.room_c))].sort((one, other) => one - other))
const chosen = ref<number>()
const room = computed(() =>
  chosen.value !== undefined && rooms.value.includes(chosen.value) ? chosen.value : props.out[0]?.room_c,
)
const rows = computed(() => props.out.filter((each) => each.room_c === room.value))
const dips = computed(() => rows.value.some((each) => each.at_once !== undefined))
const LONG = 'over 4 hours'
const minutes = (value?: number) => (value === undefined ? LONG : value < 1 ? 'at once' : `${Math.floor(value)} min`)
const advice = computed(() => {
  const row = rows.value.find((each) => each.at_once !== undefined)
  if (row?.at_once === undefined || row.dip === undefined) return
  return row.at_once < 1
    ? 'They are too soft to dip as soon as they are out: chill them longer, or dip in a cooler room.'
    : `Take out ${row.at_once === 1 ? 'one' : row.at_once} at a time to dip; leave the rest in the ${row.from}.`
})
</script>

<template>
  <section class="out" aria-labelledby="out-title">
    <div class="head">
      <h2 id="out-title">Out of the cold</h2>
      <label
        >in a room of
        <select
          class="plain-field"
          aria-label="How warm the room is"
          :value="room"
          @change="chosen = Number(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="each in rooms" :key="each" :value="each">{{ each }} °C</option>
        </select></label
      >
    </div>
    <table data-out>
      <thead>
        <tr>
          <th scope="col">From</th>
          <th v-if="dips" scope="col">too soft to dip</th>
          <th v-if="!spooned" scope="col">too soft to cut</th>
          <th scope="col">no longer holds</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.from">
          <th scope="row">{{ row.from }}</th>
          <td v-if="dips" class="figure">{{ row.dip_c === undefined ? '–' : minutes(row.dip) }}</td>
          <td v-if="!spooned" class="figure">{{ minutes(row.cut) }}</td>
          <td class="figure">
            {{ minutes(row.slump) }}<span v-if="row.fails_first" class="quiet">, {{ row.fails_first }} first</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="advice">{{ advice }}</p>
  </section>
</template>

<style scoped>
.out {
  display: grid;
  gap: 6px;
}
.head {
  display: flex;
  gap: 8px 20px;
  align-items: center;
  flex-wrap: wrap;
}
.plain-field {
  padding: 3px 8px;
}
table {
  border-collapse: collapse;
  font-size: 0.9375rem;
}
th,
td {
  text-align: left;
  padding: 4px 18px 4px 0;
  border-top: 1px solid var(--bran);
  font-weight: 400;
}
thead th {
  border-top: 0;
  color: var(--husk);
  font-size: 0.875rem;
}
tbody th {
  font-weight: 600;
}
@media (pointer: coarse) {
  .plain-field {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
/** The household's freezers and fridges. */
import type { Place } from '@/api/client'
import PlaceCard from './PlaceCard.vue'

const props = defineProps<{ places: Place[] }>()
const emit = defineEmits<{ change: [places: Place[]] }>()

const KINDS = ['freezer', 'fridge'] as const
const DIALS = { freezer: -18, fridge: 4 }
const MOST = 12
const of = (kind: string) => props.places.filter((place) => place.kind === kind)
const put = (place: Place) =>
  emit(
    'change',
    props.places.map((each) => (each.id === place.id ? place : each)),
  )
const remove = (place: Place) =>
  emit(
    'change',
    props.places.filter((each) => each.id !== place.id),
  )
const add = (kind: (typeof KINDS)[number]) =>
  emit('change', [
    ...props.places,
    {
      id: crypto.randomUUID(),
      kind,
      dial_c: DIALS[kind],
      ...(of(kind).length ? { name: `${kind === 'freezer' ? 'Freezer' : 'Fridge'} ${of(kind).length + 1}` } : {}),
    },
  ])
</script>

<template>
  <section class="panel places" aria-labelledby="places-title">
    <h2 id="places-title">Freezer and fridge</h2>
    <p class="quiet">Chilling times and keeping go by the first of each.</p>
    <template v-for="kind in KINDS" :key="kind">
      <PlaceCard
        v-for="place in of(kind)"
        :key="place.id"
        :place="place"
        :several="of(kind).length > 1"
        @change="put"
        @remove="remove(place)"
      />
    </template>
    <p class="ways">
      <Button
        v-for="kind in KINDS"
        :key="kind"
        :label="`Add a ${kind}`"
        severity="secondary"
        size="small"
        :disabled="places.length >= MOST"
        @click="add(kind)"
      />
    </p>
  </section>
</template>

<style scoped>
.places {
  padding: 12px 16px 16px;
  display: grid;
  gap: 10px;
}
.ways {
  display: flex;
  gap: 10px;
}
</style>

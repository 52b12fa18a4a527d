<script setup lang="ts">
/** Kitchen: what the household measures with, how warm it is there, and what pieces are shaped with. */
import { computed } from 'vue'
import type { Kitchen, Tool, ToolKind } from '@/api/client'
import HandsPanel from '@/components/kitchen/HandsPanel.vue'
import MeasuresForm from '@/components/kitchen/MeasuresForm.vue'
import PlacesPanel from '@/components/kitchen/PlacesPanel.vue'
import ToolShelf from '@/components/kitchen/ToolShelf.vue'
import { useHousehold } from '@/composables/useHousehold'
import { useLibrary } from '@/composables/useLibrary'

const { kitchen, error, change } = useHousehold()
const library = useLibrary()

const SHELVES: { kind: ToolKind; title: string; one: string }[] = [
  { kind: 'tins', title: 'Tins', one: 'tin' },
  { kind: 'scoops', title: 'Scoops', one: 'scoop' },
  { kind: 'liners', title: 'Cases for cups', one: 'case' },
  { kind: 'moulds', title: 'Moulds', one: 'mould' },
  { kind: 'trays', title: 'Trays', one: 'tray' },
]
type Places = NonNullable<Kitchen['places']>
const place = (kind: Places[number]['kind']) => kitchen.value?.places?.find((each) => each.kind === kind)?.dial_c
const now = computed(
  () =>
    library.value && {
      cup: kitchen.value?.cup ?? library.value.usual_kitchen.cup,
      spoons: kitchen.value?.spoons ?? library.value.usual_kitchen.spoons,
      room_c: place('room') ?? library.value.usual_kitchen.room_c,
      fridge_c: place('fridge') ?? library.value.usual_kitchen.fridge_c,
      freezer_c: place('freezer') ?? library.value.usual_kitchen.freezer_c,
    },
)
/** The room stands with the places, all else beside them. */
function measures(changes: Record<string, unknown>) {
  return change((before) => {
    const { room_c, ...rest } = changes
    const after: Kitchen = { ...before, ...rest, places: [...(before.places ?? [])] }
    if (room_c !== undefined) {
      const at = after.places!.findIndex((each) => each.kind === 'room')
      const here = { ...(after.places![at] ?? { id: 'room', kind: 'room' as const }), dial_c: room_c as number }
      after.places!.splice(at < 0 ? after.places!.length : at, at < 0 ? 0 : 1, here)
    }
    return after
  }, 'Kept.')
}
const setHands = (changes: Partial<Kitchen>) => change((before) => ({ ...before, ...changes }), 'Kept.', true)
const setPlaces = (places: Places) => change((before) => ({ ...before, places }), 'Kept.', true)
const tools = (kind: ToolKind) => (kitchen.value?.[kind] ?? []) as Tool[]
const add = (kind: ToolKind, tool: Tool) =>
  change(
    (before) => ({ ...before, [kind]: [...((before[kind] ?? []) as Tool[]), tool] }),
    `${tool.name ?? 'It'} is in your kitchen.`,
  )
const remove = (kind: ToolKind, tool: Tool) =>
  change(
    (before) => ({ ...before, [kind]: ((before[kind] ?? []) as Tool[]).filter((each) => each.id !== tool.id) }),
    `${tool.name ?? 'It'} is out.`,
    true,
  )
function processor(field: HTMLInputElement) {
  const ml = field.valueAsNumber * 1000
  if (!field.checkValidity() || !Number.isFinite(ml)) return void (field.value = String(bowl.value))
  void change((before) => ({ ...before, processor: { bowl_ml: Math.round(ml) } }), 'Kept.')
}
const bowl = computed(() => (kitchen.value?.processor?.bowl_ml ?? 2000) / 1000)
</script>

<template>
  <div class="page">
    <h1>Kitchen</h1>
    <p class="quiet lead">
      What you measure and shape with. Formulas, doses and the shape of pieces go by it, unless a formula says
      otherwise.
    </p>
    <p v-if="error" class="fault" role="alert">{{ error }}</p>
    <div v-if="kitchen && library && now" class="columns">
      <div class="column">
        <section class="panel whole" aria-label="Measures">
          <h2>Measures and warmth</h2>
          <MeasuresForm room-only :now="now" :library="library" @change="measures" />
          <label class="field"
            ><span>Food processor <span class="quiet">· its bowl; it works up to two thirds full</span></span>
            <span
              ><input
                type="number"
                class="plain-field number"
                min="0.1"
                max="20"
                step="any"
                required
                :value="bowl"
                @change="processor($event.target as HTMLInputElement)"
              />
              litres</span
            ></label
          >
        </section>
        <PlacesPanel :places="kitchen.places ?? []" @change="setPlaces" />
        <HandsPanel :kitchen="kitchen" @change="setHands" />
      </div>
      <div class="column">
        <ToolShelf
          v-for="shelf in SHELVES"
          :key="shelf.kind"
          v-bind="shelf"
          :tools="tools(shelf.kind)"
          :common="library.common_tools[shelf.kind]"
          :materials="library.materials[shelf.kind]"
          @add="add(shelf.kind, $event)"
          @remove="remove(shelf.kind, $event)"
        />
      </div>
    </div>
    <div v-else-if="!error" class="skeleton" />
  </div>
</template>

<style scoped>
.lead {
  margin: 4px 0 16px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 20px;
  align-items: start;
}
.column {
  display: grid;
  gap: 14px;
}
.whole {
  padding: 12px 16px 16px;
  display: grid;
  gap: 12px;
}
.field {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.number {
  width: 76px;
}
.field > span:last-child {
  white-space: nowrap;
}
.fault {
  color: var(--berry);
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

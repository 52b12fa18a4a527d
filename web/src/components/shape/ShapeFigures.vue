<script setup lang="ts">
/** The figures of a shape. What the cook said stays; what follows from it is marked, and typing in it makes it the one that stays. */
import { computed } from 'vue'
import type { Pieces, ShapeKind, ShapeWay } from '@/api/client'
import type { DocumentShape } from '@/api/document'
import { shapeWith } from '@/composables/useShape'
import { figure, typedNumber } from '@/format'

const props = defineProps<{ kind: ShapeKind; shape: DocumentShape; pieces?: Pieces }>()
const emit = defineEmits<{ shape: [shape: DocumentShape] }>()

const said = computed(() => props.shape as unknown as Record<string, unknown>)
const grid = computed(() => said.value.grid as [number, number] | undefined)
const tin = computed(() => (said.value.tin_mm ?? props.kind.usual.tin_mm) as number[] | undefined)
const rows = computed(() =>
  props.kind.ways.map((way) => {
    const kept = said.value[way.key] as number | undefined
    const follows = way.figure ? (props.pieces?.[way.figure] as number | undefined) : undefined
    return { way, kept, value: kept ?? follows ?? (way.beside && !way.figure ? way.usual : undefined) }
  }),
)
const digits = (way: ShapeWay, value: number) =>
  way.whole || value >= 100 ? 0 : value < 10 ? 1 : way.key === 'piece_grams' ? 1 : 0
const shown = (way: ShapeWay, value?: number) =>
  value === undefined ? '' : String(Number(value.toFixed(digits(way, value))))

function set(way: ShapeWay, field: HTMLInputElement) {
  const value = typedNumber(field.value)
  if (value === undefined && way.beside) return emit('shape', shapeWith(props.shape, props.kind.ways, way))
  if (value === undefined || !Number.isFinite(value) || value < way.least || value > way.most) {
    field.value = shown(way, rows.value.find((row) => row.way.key === way.key)?.value)
    return
  }
  emit('shape', shapeWith(props.shape, props.kind.ways, way, value))
}
/** What becomes of a figure that is let go: the depth of a slab follows from the dough, any other is as usual. */
const freed = (way: ShapeWay) => (way.key === 'depth_mm' && props.kind.kind === 'slab' ? 'let it follow' : 'as usual')
const put = (more: object) => emit('shape', { ...props.shape, ...more } as DocumentShape)
function setSide(at: number, field: HTMLInputElement) {
  const value = typedNumber(field.value)
  const sides = [...(tin.value ?? [])]
  if (value === undefined || !(value >= 20 && value <= 1000)) return void (field.value = String(sides[at]))
  sides[at] = value
  put({ tin_mm: sides })
}
const cut = computed(() => grid.value ?? props.pieces?.cut?.grid)
const round = computed(() => tin.value?.length === 1)
function setCut(at: number, field: HTMLInputElement) {
  const value = typedNumber(field.value)
  const next = [...(cut.value ?? [1, 1])]
  if (value === undefined || !(value >= 1 && value <= 100)) return void (field.value = String(next[at]))
  next[at] = Math.round(value)
  const sizes = props.kind.ways.filter((each) => !each.beside).map((each) => each.key)
  const rest = Object.fromEntries(Object.entries(props.shape).filter(([key]) => !sizes.includes(key)))
  emit('shape', { ...rest, grid: next } as unknown as DocumentShape)
}
/** A tin of the other form about as large. */
function setRound(round: boolean) {
  const [one, other] = tin.value ?? [200, 200]
  const side = Math.round(round ? Math.sqrt((4 * one! * (other ?? one!)) / Math.PI) : one! * Math.sqrt(Math.PI / 4))
  const rest = Object.fromEntries(Object.entries(props.shape).filter(([key]) => key !== 'grid'))
  emit('shape', {
    ...rest,
    tin_mm: round ? [side] : [side, side],
    ...(grid.value ? { pieces: grid.value[0] * grid.value[1] } : {}),
  } as DocumentShape)
}
/** What a roll keeps when its slices are counted: how thick it is, or how thick a slice is. */
const keepsSlice = computed(() => said.value.fixed === 'slice_mm')
</script>

<template>
  <dl class="figures">
    <div v-for="{ way, kept, value } in rows" :key="way.key" class="row" :class="{ follows: kept === undefined }">
      <dt>
        <label :for="`way-${way.key}`">{{ way.word }}</label>
      </dt>
      <dd>
        <select
          v-if="way.choices.length"
          class="plain-field"
          :aria-label="`Choose a ${way.word}`"
          :value="way.choices.some((each) => each.value === kept) ? kept : ''"
          @change="set(way, { value: ($event.target as HTMLSelectElement).value } as HTMLInputElement)"
        >
          <option value="" disabled>{{ value ? `${figure(value)} ${way.unit ?? ''}` : 'which' }}</option>
          <option v-for="each in way.choices" :key="each.value" :value="each.value">{{ each.words }}</option>
        </select>
        <input
          v-else
          :id="`way-${way.key}`"
          class="plain-field number"
          inputmode="decimal"
          :value="shown(way, value)"
          :data-figure="way.key"
          @change="set(way, $event.target as HTMLInputElement)"
        />
        <button
          v-if="kept === undefined && value !== undefined && way.figure"
          type="button"
          class="state press"
          :title="`Keep ${way.word} as it is; the others follow`"
          @click="emit('shape', shapeWith(shape, kind.ways, way, kept ?? Number(shown(way, value))))"
        >
          follows
        </button>
        <span v-else-if="value !== undefined" class="state">{{ kept === undefined ? 'usual' : 'stays' }}</span>
        <button
          v-if="kept !== undefined && way.beside"
          type="button"
          class="link-button"
          :aria-label="`${way.word}: ${freed(way)}`"
          @click="emit('shape', shapeWith(shape, kind.ways, way))"
        >
          {{ freed(way) }}
        </button>
      </dd>
    </div>
    <div v-if="cut" class="row" :class="{ follows: !grid }">
      <dt>{{ round ? 'wedges, rings' : 'cut' }}</dt>
      <dd>
        <template v-for="(count, at) in cut" :key="at"
          ><span v-if="at" aria-hidden="true">×</span
          ><input
            class="plain-field side"
            inputmode="numeric"
            :aria-label="at ? (round ? 'Rings' : 'Pieces along') : round ? 'Wedges' : 'Pieces across'"
            :value="count"
            @change="setCut(at, $event.target as HTMLInputElement)"
        /></template>
        <span class="state">{{ grid ? 'stays' : 'follows' }}</span>
      </dd>
    </div>
    <div v-if="kind.kind === 'log'" class="row">
      <dt><label for="log-keeps">when counted, keep</label></dt>
      <dd>
        <select
          id="log-keeps"
          class="plain-field"
          :value="keepsSlice ? 'slice_mm' : 'diameter_mm'"
          @change="put({ fixed: ($event.target as HTMLSelectElement).value })"
        >
          <option value="diameter_mm">how thick the roll is</option>
          <option value="slice_mm">how thick a slice is</option>
        </select>
      </dd>
    </div>
    <div v-if="tin" class="row">
      <dt>tin inside, mm</dt>
      <dd>
        <template v-for="(side, at) in tin" :key="at"
          ><span v-if="at" aria-hidden="true">×</span
          ><input
            class="plain-field side"
            inputmode="decimal"
            :aria-label="tin.length === 1 ? 'Tin across, mm' : at ? 'Tin along, mm' : 'Tin across, mm'"
            :value="side"
            @change="setSide(at, $event.target as HTMLInputElement)"
        /></template>
        <label class="tick"
          ><input
            type="checkbox"
            :checked="tin.length === 1"
            @change="setRound(($event.target as HTMLInputElement).checked)"
          />
          round</label
        >
      </dd>
    </div>
    <div v-if="kind.kind === 'mould'" class="row">
      <dt><label for="joined">two halves joined</label></dt>
      <dd>
        <input
          id="joined"
          type="checkbox"
          :checked="!!said.joined"
          @change="put({ joined: ($event.target as HTMLInputElement).checked })"
        />
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.figures {
  margin: 10px 0 0;
  display: grid;
  gap: 4px;
}
.row {
  display: grid;
  grid-template-columns: 118px 1fr;
  align-items: center;
  gap: 8px;
  min-height: 34px;
}
dd {
  margin: 0;
  display: flex;
  align-items: center;
  gap: 8px;
}
.number {
  width: 84px;
}
.side {
  width: 66px;
}
.plain-field {
  padding: 4px 8px;
  font-weight: 600;
  min-width: 0;
}
select.plain-field {
  max-width: 160px;
}
.follows .plain-field {
  font-weight: 400;
  color: var(--husk);
  border-style: dashed;
}
.state {
  font-size: 0.8125rem;
  color: var(--husk);
}
.press {
  border: 0;
  background: none;
  padding: 4px;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  cursor: pointer;
}
.tick {
  display: flex;
  gap: 6px;
  align-items: center;
}
[type='checkbox'] {
  width: 18px;
  height: 18px;
}
@media (pointer: coarse) {
  .row {
    min-height: 44px;
  }
}
</style>

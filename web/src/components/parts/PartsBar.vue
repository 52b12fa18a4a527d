<script setup lang="ts">
/** The parts of the formula in their order: choose one, drag it or move it with Alt and the arrows, add another. */
import { computed, ref } from 'vue'
import ActionMenu from '@/components/frame/ActionMenu.vue'
import type { Assessment } from '@/api/client'
import type { FormulaDocument, PartType } from '@/api/document'
import { useLibrary } from '@/composables/useLibrary'
import type { Place } from '@/composables/useParts'
import { figure, percent } from '@/format'

const props = defineProps<{ document: FormulaDocument; assessment?: Assessment }>()
const emit = defineEmits<{ add: [type: PartType]; flavour: []; move: [from: number, to: number] }>()
const place = defineModel<Place>('place', { required: true })
const dragged = ref<number>()
const over = ref<number>()

const chosen = (list: Place['list'], index = 0) => place.value.list === list && place.value.index === index
const go = (list: Place['list'], index = 0) => (place.value = { list, index, key: 'lines' })
const texture = (index: number) => props.assessment?.components[index]?.texture
const grams = (index: number) => {
  const part = props.assessment?.components[index]
  return part ? `${figure(part.grams, 0)} g` : '…'
}
function drop(to: number) {
  if (dragged.value !== undefined) emit('move', dragged.value, to)
  dragged.value = over.value = undefined
}
const library = useLibrary()
const choices = computed(() => [
  ...(library.value?.part_types ?? []).map((type) => ({ id: type as string, word: `a ${type}` })),
  { id: 'flavour', word: 'a flavour: a share of the base' },
])
function add(id: string) {
  if (id === 'flavour') emit('flavour')
  else emit('add', id as PartType)
}
</script>

<template>
  <nav class="parts" aria-label="Parts of the formula">
    <ol>
      <li v-if="document.components.length > 1 || document.splits?.length">
        <button type="button" class="part" :aria-current="chosen('whole') || undefined" @click="go('whole')">
          <strong>Whole</strong><span class="quiet">{{ assessment ? `${figure(assessment.grams, 0)} g` : '…' }}</span>
        </button>
      </li>
      <li
        v-for="(part, index) in document.components"
        :key="index"
        :class="{ over: over === index && dragged !== index }"
        @dragover.prevent="over = index"
        @dragleave="over = undefined"
        @drop.prevent="drop(index)"
      >
        <button
          type="button"
          class="part"
          draggable="true"
          :aria-current="chosen('components', index) || undefined"
          :title="`${part.name}, a ${part.type ?? 'dough'}: drag it, or Alt and the arrow keys, to change the order`"
          :data-part="part.name"
          @click="go('components', index)"
          @dragstart="dragged = index"
          @dragend="dragged = over = undefined"
          @keydown.alt.left.prevent.stop="emit('move', index, index - 1)"
          @keydown.alt.right.prevent.stop="emit('move', index, index + 1)"
        >
          <strong>{{ part.name }}</strong><span class="quiet"
            >{{ grams(index) }}<template v-if="texture(index)"> · {{ texture(index) }}</template></span
          >
        </button>
      </li>
      <li v-for="(split, index) in document.splits ?? []" :key="`s${index}`">
        <button
          type="button"
          class="part flavour"
          :aria-current="chosen('splits', index) || undefined"
          @click="go('splits', index)"
        >
          <strong>{{ split.name }}</strong><span class="quiet">flavour · {{ percent(split.share) }}</span>
        </button>
      </li>
      <li>
        <ActionMenu label="Add a part" placeholder="+ part" :choices="choices" @choose="add" />
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.parts {
  min-width: 0;
}
.parts ol {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  align-items: stretch;
}
.part {
  display: flex;
  gap: 7px;
  align-items: baseline;
  text-align: left;
  padding: 4px 10px 3px;
  border: 1px solid var(--bran);
  border-bottom: 3px solid var(--bran);
  background: var(--milk);
  border-radius: var(--radius-in);
  cursor: pointer;
  height: 34px;
  max-width: 250px;
}
.part strong {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 600;
}
.part .quiet {
  font-size: 0.8125rem;
  white-space: nowrap;
}
@media (max-width: 600px) {
  .parts {
    width: 100%;
  }
  .parts ol {
    flex-wrap: nowrap;
    overflow-x: auto;
  }
  .parts li {
    flex: none;
  }
}
@media (pointer: coarse) {
  .part {
    height: 44px;
    align-items: center;
  }
}
.part[aria-current] {
  border-bottom-color: var(--elm);
}
.part:hover {
  background: var(--oat);
}
.flavour {
  border-style: dashed;
  border-bottom-style: solid;
}
.over .part {
  box-shadow: -4px 0 0 var(--elm);
}
</style>

<script setup lang="ts">
/** Something is off: how the bowl looks, and what would bring it right, half of it first; or one of the other things that go wrong. */
import { ref, shallowRef } from 'vue'
import type { CounterRescue, Library, RescueOption, TextureId } from '@/api/client'
import TexturePicker from '@/components/frame/TexturePicker.vue'
import WhyDialog from '@/components/frame/WhyDialog.vue'
import type { Said } from '@/composables/useBatchLog'
import type { Make } from '@/composables/useMake'

const props = defineProps<{ make: Make; library?: Library; component?: string }>()
const emit = defineEmits<{ close: [] }>()
const found = shallowRef<CounterRescue>()
const texture = ref<TextureId>()
const error = ref<string>()
const asked = ref(false)
async function ask(complaint?: string) {
  try {
    found.value = await props.make.askRescue(props.component, complaint)
    error.value = undefined
  } catch (failure) {
    error.value = (failure as Error).message
  }
}
void ask()
async function look(id: TextureId | undefined) {
  texture.value = id
  const index = props.library?.textures.findIndex((each) => each.id === id) ?? -1
  if (index < 0) return
  await props.make.tell(['looked', { component: found.value?.component ?? props.component, texture: index }])
  await ask()
}
async function add(text: string, half: boolean, ingredient?: string) {
  const data: Record<string, unknown> = {
    component: found.value?.component ?? props.component,
    text,
    by: 'spoon',
    half,
  }
  if (ingredient) data.ingredient = ingredient
  await props.make.tell(['addition', data] as Said)
  texture.value = undefined
  await ask()
}
const dose = (option: RescueOption, half: boolean) =>
  add((half && option.first_text) || option.text, half, option.ingredient)
async function complain(id: string) {
  await props.make.tell(['complaint', { row: id, component: found.value?.component ?? props.component }])
  await ask(id)
}
const complaintOf = (id: string) => found.value?.complaints.find((each) => each.id === id)
</script>

<template>
  <section class="rescue" aria-label="Something is off" data-rescue>
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-if="found">
      <ul class="pinned">
        <li v-for="each in found.complaints.filter((one) => one.pinned)" :key="each.id">
          <button type="button" class="second" @click="complain(each.id)">{{ each.words }}</button>
        </li>
      </ul>
      <TexturePicker
        v-if="found.want"
        :model-value="texture"
        :textures="library?.textures ?? []"
        question="How does it look?"
        @update:model-value="look"
      />
      <p class="course" role="status" data-course>{{ found.course.words }}</p>
      <ul v-if="found.rescue" class="doses">
        <li v-for="option in found.rescue.options" :key="option.text">
          <template v-if="option.kind === 'dose'">
            <button type="button" class="first" @click="dose(option, true)">{{ option.first_text }} is in</button>
            <span>{{ option.mixing }}. In all {{ option.text }}; {{ option.why }}.</span>
          </template>
          <span v-else>{{ option.text }}: {{ option.why }}.</span>
        </li>
      </ul>
      <button v-if="found.sums" type="button" class="quiet-button" @click="asked = true">Why?</button>
      <template v-if="found.advice">
        <h2>{{ complaintOf(found.advice.complaint)?.words }}</h2>
        <p v-if="complaintOf(found.advice.complaint)?.ask">{{ complaintOf(found.advice.complaint)?.ask }}</p>
        <ol class="advice" data-advice>
          <li v-for="row in found.advice.rows" :key="row.text">
            <span
              ><em v-if="row.turn === 'then'">If it is not better: </em>{{ row.text
              }}<template v-if="row.minutes">: {{ [...new Set(row.minutes)].join(' to ') }} min</template>.</span
            >
            <button
              v-if="row.first_text"
              type="button"
              class="second"
              @click="add(row.first_text, true, row.ingredient)"
            >
              {{ row.first_text }} is in
            </button>
          </li>
        </ol>
        <p v-if="complaintOf(found.advice.complaint)?.never" class="never">
          Never {{ complaintOf(found.advice.complaint)?.never }}.
        </p>
      </template>
      <details>
        <summary>Something else is wrong</summary>
        <ul class="others">
          <li v-for="each in found.complaints.filter((one) => !one.pinned && !one.by_model)" :key="each.id">
            <button type="button" class="second" @click="complain(each.id)">{{ each.words }}</button>
          </li>
        </ul>
      </details>
      <WhyDialog v-if="found.sums" v-model:visible="asked" :steps="found.sums" />
    </template>
    <button type="button" class="second" @click="emit('close')">Back to the step</button>
  </section>
</template>

<style scoped>
.rescue {
  display: grid;
  gap: 14px;
  font-size: 1.25rem;
}
.rescue > button {
  justify-self: start;
}
.pinned,
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.course {
  font-size: 1.5rem;
}
.doses,
.advice {
  display: grid;
  gap: 10px;
}
.doses li,
.advice li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
.never {
  font-weight: 700;
}
summary {
  min-height: 56px;
  display: flex;
  align-items: center;
  cursor: pointer;
}
</style>

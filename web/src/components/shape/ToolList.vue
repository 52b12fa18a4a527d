<script setup lang="ts">
/** What the kitchen's tins, liners, moulds or scoops would make of it, the best first. */
import { computed, ref } from 'vue'
import type { ToolChoice } from '@/api/client'
import type { DocumentShape } from '@/api/document'

const props = defineProps<{ choices: ToolChoice[] }>()
defineEmits<{ shape: [shape: DocumentShape] }>()
const all = ref(false)
const own = computed(() => props.choices.filter((choice) => choice.own))
const others = computed(() => props.choices.filter((choice) => !choice.own))
const shown = computed(() => (all.value ? [...own.value, ...others.value] : own.value))
</script>

<template>
  <section v-if="choices.length" aria-labelledby="tools-title">
    <div class="head">
      <h2 id="tools-title">In your kitchen</h2>
      <RouterLink to="/kitchen">change</RouterLink>
    </div>
    <ul>
      <li v-for="choice in shown" :key="choice.tool">
        <button
          type="button"
          :aria-pressed="choice.chosen"
          :class="{ other: !choice.own }"
          @click="$emit('shape', choice.shape as unknown as DocumentShape)"
        >
          <strong>{{ choice.name }}</strong> <span class="figure">{{ choice.words }}</span>
        </button>
      </li>
    </ul>
    <p v-if="!own.length" class="quiet">Nothing of this kind yet.</p>
    <button v-if="others.length" type="button" class="link-button" :aria-expanded="all" @click="all = !all">
      {{ all ? 'Only mine' : `${others.length} other common ones` }}
    </button>
  </section>
</template>

<style scoped>
section {
  margin-top: 14px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
li button {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  justify-content: space-between;
  width: 100%;
  padding: 5px 8px;
  border: 0;
  border-radius: var(--radius-in);
  background: none;
  text-align: left;
  font-size: 0.9375rem;
  cursor: pointer;
}
li button:hover {
  background: var(--milk);
}
strong {
  font-weight: 600;
}
.other strong {
  font-weight: 400;
}
[aria-pressed='true'] {
  background: var(--elm-tint);
  color: var(--elm);
}
@media (pointer: coarse) {
  li button {
    min-height: 44px;
    align-items: center;
  }
}
</style>

<script setup lang="ts">
/** Wishes that cannot be had together, and what each would have to give: press one to let it. */
import { computed } from 'vue'
import type { Clash } from '@/api/client'

const props = withDefaults(
  defineProps<{
    clash: Clash
    /** What can be changed here. */ wishes: string[]
    /** Of its heading. */ level?: 2 | 3
  }>(),
  { level: 3 },
)
defineEmits<{ relax: [change: Clash['relax'][number]] }>()
/** One wish alone that cannot be had. */
const alone = computed(() => props.clash.wishes.length === 1)
/** What nobody said cannot be changed here. */
const mine = (wish: string) => props.wishes.includes(wish)
</script>

<template>
  <div class="clash">
    <component :is="`h${level}`" class="title">{{ alone ? 'Not possible' : 'These clash' }}</component>
    <p>{{ clash.words }}</p>
    <p class="quiet">
      {{ alone ? 'It would have to change' : 'Loosen one of them'
      }}<template v-if="!clash.certain"> (not every step was proved in the time)</template>:
    </p>
    <ul>
      <li v-for="change in clash.relax" :key="change.wish">
        <button
          v-if="mine(change.wish) && (change.becomes || change.words.startsWith('let'))"
          type="button"
          class="give"
          @click="$emit('relax', change)"
        >
          {{ change.words }}
        </button>
        <span v-else>{{ change.words }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.clash {
  border-left: 4px dashed var(--date);
  padding: 4px 14px;
  margin: 12px 0;
}
.title {
  font-size: 1.0625rem;
  margin: 0 0 4px;
}
.give {
  width: 100%;
  max-width: 640px;
  text-align: left;
  padding: 8px 12px;
  margin: 3px 0;
  background: var(--milk);
  border: 1px solid var(--elm);
  border-radius: var(--radius);
  cursor: pointer;
}
.give:hover {
  background: var(--elm-tint);
}
</style>

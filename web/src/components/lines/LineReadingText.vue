<script setup lang="ts">
/** What a typed line was read as, or what is wrong and the guesses to choose from. */
import type { AssessedLine } from '@/api/client'
import GuessButtons from '@/components/lines/GuessButtons.vue'
import { figure, percent } from '@/format'

defineProps<{ line: AssessedLine }>()
defineEmits<{ choose: [ingredient: string] }>()
</script>

<template>
  <span v-if="line.status === 'read'" class="read">
    <strong class="figure">{{ figure(line.grams ?? 0) }} g</strong> {{ line.name
    }}<template v-if="line.form">, {{ line.form }}</template
    ><template v-if="line.kitchen"> ≈ {{ line.kitchen.text }}</template>
    <span class="quiet">
      · {{ percent(line.confidence) }} sure<template v-for="said in [...line.assumptions, ...line.notes]" :key="said">
        · {{ said }}</template
      ></span
    >
  </span>
  <span v-else class="flag">
    <svg viewBox="0 0 12 12" class="mark" aria-hidden="true"><path d="M2 1v10M2 1h8l-2 3 2 3H2" /></svg>
    {{ line.message }}
    <GuessButtons :guesses="line.candidates" @choose="$emit('choose', $event)" />
  </span>
</template>

<style scoped>
.flag {
  color: var(--berry);
}
.mark {
  width: 12px;
  height: 12px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.4;
}
</style>

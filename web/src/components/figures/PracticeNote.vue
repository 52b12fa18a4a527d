<script setup lang="ts">
/** How cooks usually chill this shape: practice, and said as practice. */
import type { Practice } from '@/api/client'

defineProps<{ customs: Practice[] }>()
const minutes = ([least, most]: number[]) => (least === most ? `${least}` : `${least} to ${most}`)
</script>

<template>
  <div class="practice">
    <h3>Cooks usually give</h3>
    <ul>
      <li v-for="custom in customs" :key="custom.step">
        <span class="figure">{{ minutes(custom.minutes) }} min</span> in the {{ custom.place }}, to {{ custom.step }}:
        {{ custom.touch_test }}.
      </li>
    </ul>
    <p class="quiet small">Common practice, not computed for this bowl.</p>
  </div>
</template>

<style scoped>
.practice {
  margin-top: 8px;
  font-size: 0.9375rem;
}
h3 {
  font-size: 1rem;
}
.small {
  font-size: 0.875rem;
}
</style>

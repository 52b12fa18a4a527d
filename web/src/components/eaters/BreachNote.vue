<script setup lang="ts">
/** What the eaters need and a line breaks: said at once, where the lines are. */
import { computed } from 'vue'
import type { Breach } from '@/api/client'

const props = defineProps<{ breaches: Breach[] }>()
/** One sentence a need. */
const said = computed(() => {
  const needs = [...new Set(props.breaches.map((breach) => breach.need))]
  return needs.map((need) => ({ need, lines: props.breaches.filter((breach) => breach.need === need) }))
})
</script>

<template>
  <div v-if="breaches.length" class="breach" role="status">
    <p v-for="each in said" :key="each.need">
      <strong>An eater needs it {{ each.need }}.</strong>
      <span v-for="line in each.lines" :key="line.pointer">
        “{{ line.line }}” in {{ line.component }} breaks it: {{ line.why }}</span
      >
    </p>
  </div>
</template>

<style scoped>
.breach {
  border-left: 3px solid var(--berry);
  background: var(--date-tint);
  padding: 6px 12px;
  margin-bottom: 10px;
}
</style>

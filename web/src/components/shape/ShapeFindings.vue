<script setup lang="ts">
/** What a careful friend would say of the pieces and their coat, each with its mend. */
import type { Finding } from '@/api/client'

defineProps<{ findings: Finding[] }>()
defineEmits<{ mend: [finding: Finding] }>()
</script>

<template>
  <ul v-if="findings.length" class="findings" aria-label="Second look">
    <li v-for="finding in findings" :key="finding.rule + finding.component">
      <span>{{ finding.message }}</span>
      <button type="button" class="link-button" @click="$emit('mend', finding)">{{ finding.remedy.text }}</button>
    </li>
  </ul>
</template>

<style scoped>
.findings {
  display: grid;
  gap: 4px;
  font-size: 0.9375rem;
}
li {
  border-left: 3px solid var(--butter);
  padding-left: 10px;
}
</style>

<script setup lang="ts">
/** What a careful friend would notice, each with a remedy to press. */
import { computed } from 'vue'
import type { Assessment, Finding } from '@/api/client'
import { waits } from '@/api/waits'

const props = defineProps<{
  assessment: Assessment
  /** A line is being typed or dragged: remedies wait until it is kept. */
  provisional?: boolean
}>()
defineEmits<{ mend: [finding: Finding] }>()

const findings = computed(() => props.assessment.findings)
/** Then each finding says which it is about. */
const several = computed(() => props.assessment.components.length > 1)
const nothing = computed(() => {
  if (props.assessment.grams === 0) return 'There is nothing to look at yet.'
  if (waits(props.assessment)) return 'Nothing so far; it is looked at again when every line is read.'
  return 'Nothing that a careful friend would stop you for.'
})
</script>

<template>
  <section id="second-look" class="look" aria-labelledby="look-title" tabindex="-1">
    <h2 id="look-title">Second look</h2>
    <ul v-if="findings.length">
      <li v-for="finding in findings" :key="finding.rule + finding.message">
        <p>
          <span v-if="several" class="quiet">{{ finding.component }}: </span>{{ finding.message }}
        </p>
        <button type="button" class="link-button" :disabled="provisional" @click="$emit('mend', finding)">
          {{ finding.remedy.text }}
        </button>
      </li>
    </ul>
    <p v-else class="quiet">{{ nothing }}</p>
  </section>
</template>

<style scoped>
.look {
  margin-top: 16px;
  border-top: 1px solid var(--bran);
  padding-top: 10px;
}
li {
  padding: 8px 0 4px;
}
</style>

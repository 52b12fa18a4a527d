<script setup lang="ts">
/** What a careful friend would notice, each with a remedy to press; a rule can be muted for this formula. */
import { computed, ref } from 'vue'
import type { Assessment, Finding } from '@/api/client'
import { waits } from '@/api/waits'
import { count } from '@/format'

const props = defineProps<{
  assessment: Assessment
  /** A line is being typed or dragged: remedies wait until it is kept. */
  provisional?: boolean
}>()
defineEmits<{ mend: [finding: Finding]; mute: [rule: string]; unmute: [rule: string] }>()

const findings = computed(() => props.assessment.findings)
/** The first things first; the rest waits behind a press. */
const AT_ONCE = 3
const all = ref(false)
const shown = computed(() => (all.value ? findings.value : findings.value.slice(0, AT_ONCE)))
const folded = computed(() => findings.value.length - shown.value.length)
const muted = computed(() => props.assessment.muted)
/** Then each finding says which it is about. */
const several = computed(() => props.assessment.components.length + (props.assessment.splits?.length ?? 0) > 1)
const nothing = computed(() => {
  if (props.assessment.grams === 0) return 'There is nothing to look at yet.'
  if (waits(props.assessment)) return 'Nothing so far; we look again when every line is read.'
  return 'Nothing to worry about.'
})
</script>

<template>
  <section id="second-look" class="look" aria-labelledby="look-title" tabindex="-1">
    <h2 id="look-title">Second look</h2>
    <ul v-if="findings.length">
      <li v-for="finding in shown" :key="finding.rule + finding.message">
        <p>
          <span v-if="several" class="quiet">{{ finding.component }}: </span>{{ finding.message }}
        </p>
        <span class="ways">
          <button type="button" class="link-button" :disabled="provisional" @click="$emit('mend', finding)">
            {{ finding.remedy.text }}
          </button>
          <button
            type="button"
            class="link-button mute"
            :aria-label="`Mute: ${finding.message}`"
            title="Do not show this for this formula"
            @click="$emit('mute', finding.rule)"
          >
            Mute
          </button>
        </span>
      </li>
    </ul>
    <p v-else class="quiet">{{ nothing }}</p>
    <button v-if="folded" type="button" class="link-button" @click="all = true">
      {{ count(folded, 'more thing') }} to look at
    </button>
    <details v-if="muted.length" class="quiet">
      <summary>{{ count(muted.length, 'finding') }} muted</summary>
      <ul>
        <li v-for="finding in muted" :key="finding.rule + finding.message">
          {{ finding.message }}
          <button
            type="button"
            class="link-button"
            :aria-label="`Show again: ${finding.message}`"
            @click="$emit('unmute', finding.rule)"
          >
            Show again
          </button>
        </li>
      </ul>
    </details>
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
.ways {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
.ways .link-button {
  text-align: left;
}
.ways .mute {
  color: var(--husk);
}
summary {
  cursor: pointer;
  padding: 4px 0;
}
</style>

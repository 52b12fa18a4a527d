<script setup lang="ts">
/** What Balance found: the answers side by side, or which wishes clash; what runs can be called off. */
import { computed } from 'vue'
import type { Balance, Clash, Library } from '@/api/client'
import { LONGEST } from '@/composables/useBalance'
import AnswersTable from '@/components/balance/AnswersTable.vue'
import ClashNote from '@/components/balance/ClashNote.vue'

const props = defineProps<{
  balance?: Balance
  running: boolean
  /** What stands was found in haste: the least is still looked for. */
  hurried: boolean
  error?: string
  /** The answer that is tried on, by its place. */
  trying?: number
  wishes: string[]
  library?: Library
}>()
defineEmits<{
  ask: []
  callOff: []
  close: []
  tryOn: [at: number]
  take: [at: number]
  relax: [change: Clash['relax'][number]]
}>()
const answers = computed(() => props.balance?.answers ?? [])
const same = computed(() => answers.value.length === 1 && !answers.value[0]!.changes.length)
const kept = computed(() => props.balance?.wishes.filter((wish) => wish.kept) ?? [])
</script>

<template>
  <section class="balance" aria-labelledby="balance-title">
    <header>
      <h2 id="balance-title">Smallest change</h2>
      <div v-if="running" class="progress" role="status">
        <span>{{ hurried ? 'Found one; looking for a smaller change and others …' : 'Looking …' }}</span>
        <span class="track" aria-hidden="true"><span :style="{ animationDuration: `${LONGEST}ms` }" /></span>
        <Button label="Cancel" severity="secondary" size="small" @click="$emit('callOff')" />
      </div>
      <Button v-else-if="wishes.length" label="Look again" severity="secondary" size="small" @click="$emit('ask')" />
      <Button label="Back to the lines" severity="secondary" size="small" @click="$emit('close')" />
    </header>

    <p v-if="error" class="banner wrong" role="alert">{{ error }}</p>
    <div v-else-if="!wishes.length" class="teach">
      <p>Say above what you want: “rolls”, “less sweet”, “under 90 kcal”, “no peanut”, “24 pieces”, “cheaper”.</p>
    </div>
    <p v-else-if="!balance && !running" class="quiet">What you want, or what is in it, has changed: look again.</p>
    <p v-else-if="same" class="quiet">{{ answers[0]!.why }}</p>

    <AnswersTable
      v-if="answers.length && !same"
      :answers="answers"
      :hurried="hurried"
      :trying="trying"
      :library="library"
      @try-on="$emit('tryOn', $event)"
      @take="$emit('take', $event)"
    />
    <p v-if="answers.length && !same" class="quiet">Energy, what it is made of, and cost are of one piece.</p>
    <ClashNote
      v-for="clash in balance?.clashes ?? []"
      :key="clash.words"
      :clash="clash"
      :wishes="wishes"
      @relax="$emit('relax', $event)"
    />
    <p v-for="note in balance?.notes ?? []" :key="note" class="quiet">{{ note }}</p>
    <p v-if="kept.length && answers.length && !same" class="quiet">
      Not asked, and kept to all the same: {{ kept.map((wish) => wish.words).join('; ') }}.
    </p>
  </section>
</template>

<style scoped>
.balance {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  padding: 12px 16px 16px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin-bottom: 8px;
}
header h2 {
  margin: 0;
  margin-right: auto;
}
.progress {
  display: flex;
  align-items: center;
  gap: 10px;
  color: var(--husk);
}
.track {
  width: 110px;
  height: 6px;
  border-radius: 3px;
  background: var(--bran);
  overflow: hidden;
}
.track span {
  display: block;
  height: 6px;
  background: var(--elm);
  animation: fill linear forwards;
}
@keyframes fill {
  from {
    width: 0;
  }
  to {
    width: 100%;
  }
}
@media (prefers-reduced-motion: reduce) {
  .track span {
    animation: none;
    width: 50%;
  }
}
</style>

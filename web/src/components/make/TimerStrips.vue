<script setup lang="ts">
/** Timers as strips along the top, each with its name and what is left; they go by the time at which they are over, so that nothing stops them. */
import { computed, watch } from 'vue'
import { useNow } from '@vueuse/core'

export interface Timer {
  name: string
  until: string
  step?: string
}
const props = defineProps<{ timers: Timer[] }>()
const emit = defineEmits<{ stop: [name: string]; over: [name: string] }>()
const now = useNow({ interval: 500 })
const shown = computed(() =>
  props.timers.map((timer) => ({ ...timer, left: Math.ceil((Date.parse(timer.until) - now.value.getTime()) / 1000) })),
)
const clock = (seconds: number) => {
  const left = Math.max(0, seconds)
  const [hours, rest] = [Math.floor(left / 3600), left % 3600]
  const two = (part: number) => String(part).padStart(2, '0')
  return `${hours ? `${hours}:` : ''}${hours ? two(Math.floor(rest / 60)) : Math.floor(rest / 60)}:${two(rest % 60)}`
}
const told = new Set<string>()
watch(shown, (timers) => {
  for (const timer of timers) {
    const key = `${timer.name} ${timer.until}`
    if (timer.left > 0 || told.has(key)) continue
    told.add(key)
    emit('over', timer.name)
  }
})
</script>

<template>
  <ul v-if="shown.length" class="timers" aria-label="Timers">
    <li v-for="timer in shown" :key="timer.name" :class="{ over: timer.left <= 0 }" data-timer>
      <span class="name">{{ timer.name }}</span>
      <b :aria-live="timer.left <= 0 ? 'assertive' : 'off'">{{ timer.left > 0 ? clock(timer.left) : 'over' }}</b>
      <button type="button" @click="emit('stop', timer.name)">{{ timer.left > 0 ? 'Stop' : 'Close' }}</button>
    </li>
  </ul>
</template>

<style scoped>
.timers {
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 56px;
  padding: 4px 8px 4px 16px;
  border: 1.5px solid var(--frost);
  border-radius: var(--radius);
  background: var(--milk);
  font-size: 1.375rem;
}
.over {
  border-color: var(--berry);
  border-width: 3px;
}
.name {
  flex: 1;
}
button {
  min-height: 48px;
  min-width: 72px;
  border: 1px solid var(--bran);
  border-radius: var(--radius-in);
  background: var(--oat);
}
</style>

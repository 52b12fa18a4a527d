<script setup lang="ts">
/** The steps of one formula from top to bottom as they follow each other, so that their length is felt: solid at work, hatched waiting. */
import { computed } from 'vue'
import type { Step } from '@/api/client'
import { duration } from '@/format'

const props = defineProps<{ steps: Step[]; span: number; open?: string }>()
const WIDTH = 132
const HEIGHT = 560
const TOP = 10
const LEFT = 44
const scale = computed(() => HEIGHT / Math.max(props.span, 1))
const y = (minute: number) => TOP + minute * scale.value
const placed = computed(() => props.steps.filter((step) => step.at && !step.dropped))
/** A tick every so many minutes, few enough to be read. */
const ticks = computed(() => {
  const every = [5, 10, 15, 30, 60, 120, 240, 480, 720, 1440].find((each) => props.span / each <= 9) ?? 1440
  return Array.from({ length: Math.floor(props.span / every) + 1 }, (_, at) => at * every)
})
const words = computed(
  () =>
    `All of it takes ${duration(props.span)}. ${placed.value
      .map((step) => `${step.number}, ${step.text}, from minute ${step.at!.wait_from ?? step.at!.from}`)
      .join('; ')}.`,
)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT + 2 * TOP}`" class="strip" role="img" :aria-label="words">
    <defs>
      <pattern id="strip-wait" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="6" class="hatch" />
      </pattern>
    </defs>
    <g v-for="tick in ticks" :key="tick">
      <line :x1="LEFT - 5" :x2="WIDTH" :y1="y(tick)" :y2="y(tick)" class="tick" />
      <text :x="LEFT - 8" :y="y(tick) + 4" text-anchor="end">{{ duration(tick) }}</text>
    </g>
    <g v-for="step in placed" :key="step.id" :class="{ open: open === step.id }">
      <rect
        v-if="step.at!.hands"
        :x="LEFT + 4"
        :y="y(step.at!.from)"
        width="34"
        :height="Math.max((step.at!.to - step.at!.from) * scale, 2)"
        class="hands"
      />
      <rect
        v-else-if="(step.at!.wait_to ?? 0) > (step.at!.wait_from ?? 0)"
        :x="LEFT + 42"
        :y="y(step.at!.wait_from!)"
        width="34"
        :height="(step.at!.wait_to! - step.at!.wait_from!) * scale"
        class="wait"
      />
    </g>
  </svg>
</template>

<style scoped>
.strip {
  width: 100%;
  max-height: calc(100vh - 190px);
}
.tick {
  stroke: var(--bran);
}
.hatch {
  stroke: var(--husk);
  stroke-width: 1.6;
}
.hands {
  fill: var(--elm);
  stroke: var(--milk);
  stroke-width: 1;
}
.wait {
  fill: url(#strip-wait);
  stroke: var(--husk);
}
.open .hands,
.open .wait {
  stroke: var(--cocoa);
  stroke-width: 2.5;
}
text {
  font-size: 11px;
  fill: var(--husk);
}
</style>

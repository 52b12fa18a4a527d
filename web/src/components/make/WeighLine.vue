<script setup lang="ts">
/** One line that goes in now: how much, how near, and the scale beside it; typed, spooned or just put in where there is none. */
import { computed, onScopeDispose, ref, watch } from 'vue'
import type { MakingLine } from '@/api/client'
import type { ScaleReading } from '@/composables/useScale'
import { figure, typedNumber } from '@/format'

const props = defineProps<{ line: MakingLine; reading?: ScaleReading; scale: boolean; quiet: boolean }>()
const emit = defineEmits<{ weighed: [grams: number, by: 'scale' | 'typed']; in: []; out: [] }>()

/** Milliseconds that a steady amount within its bounds stands before it is taken. */
const TAKEN_AFTER = 3000
const target = computed(() => props.line.planned_grams ?? 0)
/** What stood on the scale when this line began; the scale is never set to nothing. */
const anchor = ref<number>()
watch(
  () => props.line.line,
  () => {
    anchor.value = undefined
    typed.value = ''
  },
)
watch(
  () => [props.reading?.steady, props.line.line],
  () => {
    const steady = props.reading?.steady
    if (anchor.value === undefined && steady !== null && steady !== undefined) anchor.value = steady
  },
  { immediate: true },
)
const amount = computed(() => {
  const value = props.reading?.value
  return anchor.value === undefined || value === null || value === undefined ? undefined : value - anchor.value
})
const steady = computed(() => {
  const value = props.reading?.steady
  return anchor.value === undefined || value === null || value === undefined ? undefined : value - anchor.value
})
const within = (grams: number) =>
  grams >= target.value - (props.line.under_grams ?? 0) && grams <= target.value + (props.line.over_grams ?? 0)
const share = computed(() => Math.max(0, Math.min(1.25, (amount.value ?? 0) / (target.value || 1))))
const over = computed(() => (amount.value ?? 0) > target.value + (props.line.over_grams ?? 0))
let waits: ReturnType<typeof setTimeout> | undefined
/** What stands for a while within its bounds is taken: a gram to and fro of the scale is no pouring. */
watch(
  [() => steady.value !== undefined && steady.value > 0 && within(steady.value), () => props.line.line],
  ([stands]) => {
    clearTimeout(waits)
    waits = stands
      ? setTimeout(() => {
          if (steady.value !== undefined) emit('weighed', Math.round(steady.value * 10) / 10, 'scale')
        }, TAKEN_AFTER)
      : undefined
  },
)
onScopeDispose(() => clearTimeout(waits))
const typed = ref('')
const wrong = ref(false)
function take() {
  const grams = typedNumber(typed.value)
  wrong.value = grams === undefined || !Number.isFinite(grams) || grams < 0
  if (!wrong.value) emit('weighed', grams!, 'typed')
}
const words = computed(() => {
  if (!props.scale) return undefined
  if (props.quiet) return 'The scale is quiet. Type the weight.'
  if (props.reading?.status === 'over') return 'That is more than the scale can carry.'
  if (props.reading?.status === 'under') return 'The scale shows less than nothing: is something lifted off?'
  if (anchor.value === undefined) return 'Wait until the scale stands still.'
  return over.value ? `${figure(amount.value! - target.value, 1)} g too much` : undefined
})
</script>

<template>
  <section class="weigh" :aria-label="line.text" data-weigh>
    <p class="what">{{ line.text }}<em v-if="line.halves"> by halves</em></p>
    <p class="target" data-target>
      {{ figure(target, 1) }} g <small v-if="line.spoons">{{ line.spoons }}</small>
    </p>
    <div v-if="scale && !quiet" class="pour">
      <svg viewBox="0 0 120 100" role="img" :aria-label="`${figure(amount ?? 0, 1)} of ${figure(target, 1)} grams`">
        <path class="cup" d="M18 6 L30 94 H90 L102 6" />
        <clipPath id="inside"><path d="M18 6 L30 94 H90 L102 6 Z" /></clipPath>
        <rect
          clip-path="url(#inside)"
          class="level"
          :class="{ over }"
          x="10"
          width="100"
          :y="94 - 70 * share"
          :height="70 * share"
        />
        <path class="notch" d="M14 24 H106" />
      </svg>
      <p class="now" aria-live="polite" data-now>{{ figure(amount ?? 0, 1) }} g</p>
    </div>
    <p v-if="words" class="words" role="status">{{ words }}</p>
    <p v-if="line.coarse" class="words">A scale weighs this too coarsely: use {{ line.spoons ?? 'a spoon' }}.</p>
    <form class="typed" @submit.prevent="take">
      <label
        >Grams
        <input v-model="typed" type="text" inputmode="decimal" :aria-invalid="wrong" maxlength="12" />
      </label>
      <button type="submit" class="second">Write it down</button>
      <button
        v-if="steady && steady > 0"
        type="button"
        class="second"
        @click="emit('weighed', Math.round(steady * 10) / 10, 'scale')"
      >
        Take {{ figure(steady, 1) }} g
      </button>
    </form>
    <p v-if="wrong" class="words" role="alert">Type the grams as a number.</p>
    <div class="ways">
      <button type="button" class="first" @click="emit('in')">It is in</button>
      <button type="button" class="quiet-button" @click="emit('out')">Leave it out</button>
    </div>
  </section>
</template>

<style scoped>
.weigh {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  width: 100%;
  gap: 12px;
  justify-items: center;
  text-align: center;
}
.what {
  font-size: 2.25rem;
}
.target {
  font-family: var(--heading);
  font-size: 4.5rem;
  font-weight: 600;
  line-height: 1;
}
.target small {
  font-size: 1.75rem;
  font-weight: 400;
  color: var(--husk);
  margin-left: 12px;
}
.pour {
  display: flex;
  align-items: center;
  gap: 24px;
}
svg {
  height: 200px;
}
.cup {
  fill: none;
  stroke: var(--cocoa);
  stroke-width: 2.5;
}
.level {
  fill: var(--elm);
}
.level.over {
  fill: var(--butter);
}
.notch {
  stroke: var(--berry);
  stroke-width: 2;
  stroke-dasharray: 5 3;
}
.now {
  font-size: 2.5rem;
  min-width: 5.5ch;
}
.words {
  font-size: 1.25rem;
}
@media (max-width: 600px) {
  .target {
    font-size: 3.25rem;
  }
  .target small {
    display: block;
    margin: 6px 0 0;
  }
  svg {
    height: 130px;
  }
}
.typed {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
  justify-content: center;
}
.typed label {
  display: grid;
  text-align: left;
}
.typed input {
  font-size: 1.75rem;
  width: 6ch;
  min-height: 56px;
  padding: 4px 10px;
  border: 1.5px solid var(--husk);
  border-radius: var(--radius-in);
  background: var(--milk);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  justify-content: center;
}
</style>

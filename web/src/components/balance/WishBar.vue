<script setup lang="ts">
/** What the cook wants, each with what is now; typed or picked, kept with the formula. */
import { useResizeObserver } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { Assessment, Library } from '@/api/client'
import ActionMenu from '@/components/frame/ActionMenu.vue'

const props = defineProps<{
  /** The wishes as they are kept. */
  kept: string[]
  /** Takes up what words mean; rejects with what is wrong with them. */
  add: (words: string) => Promise<void>
  assessment?: Assessment
  library?: Library
}>()
const emit = defineEmits<{ drop: [wish: string]; balance: []; trial: [] }>()

const text = ref('')
const fault = ref<string>()
const field = useTemplateRef<HTMLInputElement>('field')
/** As they are said; while an assessment is on its way, as they are kept. */
const shown = computed(() =>
  props.kept.map(
    (wish) => props.assessment?.wishes?.find((each) => each.wish === wish) ?? { wish, words: wish, met: false },
  ),
)
/** Names of what is in the bowl: what can be kept as it is. */
const names = computed(() => [
  ...new Set(
    (props.assessment?.components ?? []).flatMap((part) =>
      part.lines.flatMap((line) => (line.ingredient && line.grams ? [line.ingredient] : [])),
    ),
  ),
])
const nameOf = (id: string) => props.library?.ingredients.find((each) => each.id === id)?.name.toLowerCase() ?? id
const choices = computed(() => [
  ...(props.library?.wish_picks ?? []).map((pick) => ({ id: pick.text, word: pick.words })),
  ...names.value.map((id) => ({ id: `lock:${id}`, word: `keep ${nameOf(id)} as it is` })),
])

/** Wishes that do not fit on the line wait behind a “+2”. */
const chips = useTemplateRef<HTMLElement>('chips')
const hidden = ref(0)
const all = ref(false)
function count() {
  const items = [...(chips.value?.children ?? [])] as HTMLElement[]
  const first = items[0]?.offsetTop ?? 0
  hidden.value = items.filter((item) => item.offsetTop > first).length
}
useResizeObserver(chips, count)
watch(
  () => shown.value.map((wish) => wish.words + wish.now).join(),
  async () => {
    await nextTick()
    count()
  },
  { immediate: true },
)
/** Who comes to a wish that is out of sight by the keyboard sees all of them. */
function reveal(event: FocusEvent) {
  const chip = (event.target as HTMLElement).closest('li')
  const first = chips.value?.firstElementChild as HTMLElement | null
  if (chip && first && chip.offsetTop > first.offsetTop) all.value = true
}

/** What words cannot mean stays in the field, with the mend; whether all is well. */
async function take(words: string) {
  if (!words.trim()) return true
  fault.value = undefined
  try {
    await props.add(words.trim())
    text.value = ''
    return true
  } catch (failure) {
    fault.value = (failure as Error).message.replace(/^text: /, '')
    return false
  }
}
/** What is still in the field is wished for, too. */
async function balance() {
  if (await take(text.value)) emit('balance')
}
const said = () => (text.value.trim() ? take(text.value) : balance())
function remove(wish: string) {
  emit('drop', wish)
  field.value?.focus()
}
defineExpose({ focus: () => field.value?.focus(), balance })
</script>

<template>
  <section class="wishes" aria-label="What you want">
    <form class="line" @submit.prevent="said">
      <span class="lead">I want</span>
      <ul v-if="shown.length" ref="chips" class="said" :class="{ all }" aria-label="Wishes" @focusin="reveal">
        <li v-for="wish in shown" :key="wish.wish" :class="{ open: !wish.met }" :data-wish="wish.wish">
          <span>{{ wish.words }}</span>
          <span class="now">{{ wish.met ? 'met' : (wish.message ?? (wish.now ? `now ${wish.now}` : 'not met')) }}</span>
          <button type="button" :aria-label="`Drop the wish: ${wish.words}`" @click="remove(wish.wish)">×</button>
        </li>
      </ul>
      <button v-if="hidden && !all" type="button" class="more" :aria-label="`Show ${hidden} more`" @click="all = true">
        +{{ hidden }}
      </button>
      <div class="say">
        <label class="screen-reader" for="wish">A wish</label>
        <input
          id="wish"
          ref="field"
          v-model="text"
          maxlength="160"
          autocomplete="off"
          enterkeyhint="done"
          :placeholder="shown.length ? 'and …' : 'less sweet, vegan and no peanut …'"
          :aria-invalid="!!fault"
          aria-describedby="wish-fault"
          @keydown.esc.prevent="((text = ''), (fault = undefined))"
          @input="fault = undefined"
        />
        <ActionMenu label="Pick a wish" placeholder="Pick" :choices="choices" @choose="take(String($event))" />
        <Button
          type="button"
          label="Balance"
          title="The least change that gives all of it (b)"
          :disabled="!kept.length && !text.trim()"
          @click="balance"
        />
        <Button
          type="button"
          label="Trial"
          severity="secondary"
          title="One or two pieces first, in grams and drops (t)"
          @click="emit('trial')"
        />
      </div>
    </form>
    <p id="wish-fault" class="fault" aria-live="polite">{{ fault }}</p>
  </section>
</template>

<style scoped>
.wishes {
  padding: 8px 24px 0;
}
.line {
  display: flex;
  gap: 6px 8px;
  align-items: center;
}
.lead {
  font-family: var(--heading);
  font-weight: 600;
  white-space: nowrap;
}
.said {
  position: relative;
  display: flex;
  flex: 0 1 auto;
  flex-wrap: wrap;
  gap: 6px;
  max-height: 36px;
  overflow: hidden;
}
.said.all {
  max-height: none;
}
.more {
  height: 34px;
  min-width: 40px;
  border: 1px solid var(--bran);
  border-radius: var(--radius-in);
  background: var(--milk);
  cursor: pointer;
}
.said li {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 34px;
  padding: 0 2px 0 10px;
  font-size: 0.9375rem;
  white-space: nowrap;
  border: 1px solid var(--bran);
  border-left: 4px solid var(--elm);
  border-radius: var(--radius-in);
  background: var(--milk);
}
.said li.open {
  border-left-style: dashed;
  border-left-color: var(--date);
}
.now {
  color: var(--husk);
  font-size: 0.9375rem;
}
.open .now {
  color: var(--date);
}
.said button {
  border: 0;
  background: none;
  min-width: 28px;
  min-height: 28px;
  color: var(--husk);
  font-size: 1.0625rem;
  cursor: pointer;
  border-radius: var(--radius-in);
}
.said button:hover {
  background: var(--oat);
}
.say {
  display: flex;
  flex: 1 1 400px;
  min-width: 400px;
  gap: 8px;
  align-items: center;
}
input {
  flex: 1 1 100px;
  min-width: 0;
  height: 38px;
  padding: 0 12px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius);
  font-size: 1rem;
}
input::placeholder {
  color: var(--husk);
  opacity: 0.85;
}
.fault {
  color: var(--berry);
  margin: 4px 0 0;
}
.fault:empty {
  display: none;
}
/* On a phone the chips lie in one line that moves sideways. */
@media (max-width: 600px) {
  .wishes {
    padding: 8px 16px 0;
  }
  .line {
    flex-wrap: wrap;
  }
  .said {
    flex: 1 1 0;
    flex-wrap: nowrap;
    overflow-x: auto;
  }
  .more {
    display: none;
  }
  .say {
    flex: 1 1 100%;
    min-width: 0;
    gap: 6px;
  }
}
@media (pointer: coarse) {
  .said button {
    min-width: 44px;
    min-height: 44px;
  }
}
</style>

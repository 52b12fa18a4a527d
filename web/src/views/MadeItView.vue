<script setup lang="ts">
/** Made it: one form, one batch. What was really weighed, what was added in the bowl, how it came out. */
import { reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Assessment, BatchEvent, TextureId } from '@/api/client'
import TexturePicker from '@/components/frame/TexturePicker.vue'
import WeighingSlip from '@/components/made/WeighingSlip.vue'
import type { WeighingRow } from '@/components/made/weighingRow'
import { useBatchLog, type Said } from '@/composables/useBatchLog'
import { useFormula } from '@/composables/useFormula'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { useShortcuts } from '@/composables/useShortcuts'

const router = useRouter()
const { id: formulaId, draft, assessment } = useFormula()
const library = useLibrary()

const rows = ref<WeighingRow[]>([])
function fill(now?: Assessment) {
  if (!now) return
  // What was typed for a line stays when the draft is judged again.
  const key = (component: string, text: string) => `${component}: ${text}`
  const typed = new Map(
    rows.value
      .filter((row) => row.actual !== plain(row.planned))
      .map((row) => [key(row.component, row.text), row.actual]),
  )
  const lists = [
    ...now.components.map((part, at) => ({ part, lines: part.lines, pointer: `/components/${at}/lines` })),
    ...(now.splits ?? []).flatMap((part, at) => [
      { part, lines: part.lines, pointer: `/splits/${at}/lines` },
      { part, lines: part.topping, pointer: `/splits/${at}/topping` },
    ]),
  ]
  rows.value = lists.flatMap(({ part, lines, pointer }) =>
    lines.map((line, row) => ({
      component: part.name,
      pointer: `${pointer}/${row}`,
      text: line.text ?? '',
      planned: line.grams,
      actual: typed.get(key(part.name, line.text ?? '')) ?? plain(line.grams),
    })),
  )
}
const plain = (grams?: number) => (grams === undefined ? '' : String(Math.round(grams * 10) / 10))
watch(assessment, fill, { immediate: true })
const form = reactive({
  addition: '',
  additions: [] as string[],
  texture: undefined as TextureId | undefined,
  pieces: '',
  minutes: '',
  note: '',
})
const sending = ref(false)
const error = ref<string>()
/** One batch for this form, and what is said of it keeps its keys: sent twice, it still counts once. */
const batch = crypto.randomUUID()
const log = useBatchLog()
let sent: BatchEvent[] = []

function addAddition() {
  const text = form.addition.trim()
  if (!text) return
  form.additions.push(text)
  form.addition = ''
}
const number = (text: string) => (String(text).trim() === '' ? undefined : Number(text))
/** The form as events of a batch of a version. */
function said(version: number): Said[] {
  const weighed = rows.value.filter((row) => number(row.actual) !== undefined)
  const look = library.value?.textures.findIndex((each) => each.id === form.texture) ?? -1
  const [pieces, minutes, text] = [number(form.pieces), number(form.minutes), form.note.trim()]
  return [
    ['started', { formula: formulaId, version, scale: 1 }],
    ...weighed.map(({ pointer, planned, actual }): Said => [
      'weighed',
      { line: pointer, grams: number(actual), target: planned, mode: 'set', by: 'typed' },
    ]),
    ...form.additions.map((text): Said => ['addition', { text }]),
    ...(look < 0 ? [] : [['looked', { texture: look }] as Said]),
    ...(pieces === undefined ? [] : [['yield', { pieces }] as Said]),
    ...(minutes === undefined ? [] : [['took', { minutes }] as Said]),
    ...(text ? [['note', { text }] as Said] : []),
  ]
}
async function write() {
  addAddition()
  sending.value = true
  error.value = undefined
  try {
    const version = await draft.save()
    if (!version) throw new Error(draft.error.value)
    // What was said in a sending that failed keeps its keys: its answer may only have been lost on its way.
    sent = log.events(said(version.id), sent)
    await log.append(batch, sent)
    await router.push('/log')
    say('Written down.')
  } catch (failure) {
    error.value = (failure as Error).message
  } finally {
    sending.value = false
  }
}
useShortcuts(() =>
  (library.value?.textures ?? []).map((texture, digit) => ({
    keys: String(digit),
    what: texture.word,
    run: () => void (form.texture = texture.id),
  })),
)
</script>

<template>
  <form class="made" @submit.prevent="write">
    <WeighingSlip
      v-model:rows="rows"
      v-model:additions="form.additions"
      v-model:addition="form.addition"
      @add="addAddition"
    />
    <section class="outcome" aria-label="How it came out">
      <TexturePicker v-model="form.texture" :textures="library?.textures ?? []" />
      <div class="numbers">
        <label
          >Pieces<input v-model="form.pieces" type="number" min="0" max="10000" step="1" inputmode="numeric"
        /></label>
        <label
          >Minutes<input v-model="form.minutes" type="number" min="0" max="10000" step="1" inputmode="numeric"
        /></label>
      </div>
      <label class="note"
        >Note<Textarea
          v-model="form.note"
          rows="4"
          maxlength="2000"
          fluid
          placeholder="What you would tell yourself next time"
      /></label>
      <p v-if="error" class="wrong" role="alert">{{ error }} Nothing was half written.</p>
      <Button type="submit" label="Write it down" :loading="sending" />
      <p v-if="draft.dirty.value" class="quiet">The draft is saved as a version first.</p>
    </section>
  </form>
</template>

<style scoped>
.made {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  padding: 20px 24px 40px;
  align-items: start;
}
input[type='number'] {
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
  padding: 6px 8px;
  min-height: 36px;
}
.numbers {
  display: flex;
  gap: 16px;
  margin-bottom: 12px;
}
.numbers label,
.note {
  display: grid;
  gap: 4px;
}
.numbers input {
  width: 110px;
}
.note {
  margin-bottom: 14px;
}
.wrong {
  color: var(--berry);
  margin-bottom: 10px;
}
@media (max-width: 1000px) {
  .made {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

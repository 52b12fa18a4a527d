<script setup lang="ts">
/** A trial spoonful: one or two pieces in grams, drops and pinches, and what was seen of them, logged against the formula. */
import { computed, ref, shallowRef, watch } from 'vue'
import {
  api,
  unwrap,
  type BatchEvent,
  type Library,
  type Saturation,
  type TextureId,
  type Trial,
  type Version,
} from '@/api/client'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import WhyDialog from '@/components/frame/WhyDialog.vue'
import TexturePicker from '@/components/frame/TexturePicker.vue'
import type { DocumentLine, FormulaDocument } from '@/api/document'
import { useBatchLog, type Said } from '@/composables/useBatchLog'
import { useFormula } from '@/composables/useFormula'
import { say } from '@/composables/useNotice'
import { figure } from '@/format'

const props = defineProps<{
  document: FormulaDocument
  library: Library
  /** An answer of Balance that is tried on: the trial is of it, and the log says how it differs. */
  tried?: { document: FormulaDocument; words: string }
}>()
const { draft } = useFormula()
const visible = defineModel<boolean>('visible', { required: true })
const PIECES = ['1', '2', '3', '4'].map((id) => ({ id, word: id }))
const SCALES = [
  { id: '0.1', word: '0.1 g' },
  { id: '1', word: '1 g' },
]
const pieces = ref('2')
const scale = ref('0.1')
const trial = shallowRef<Trial>()
const error = ref<string>()
const seen = ref<TextureId>()
const note = ref('')
const sending = ref(false)
let batch = ''
let sent: BatchEvent[] = []
const batchLog = useBatchLog()

watch([visible, pieces, scale], async ([shown]) => {
  if (!shown) return
  error.value = undefined
  batch = crypto.randomUUID()
  sent = []
  try {
    const body = {
      document: props.tried?.document ?? props.document,
      pieces: Number(pieces.value),
      scale: Number(scale.value) as 0.1 | 1,
    }
    trial.value = await unwrap(api.POST('/api/trial', { body }))
  } catch (failure) {
    trial.value = undefined
    error.value = (failure as Error).message
  }
})
/** The trial as events of a batch: what was measured, what was seen. */
function events(version: Version): Said[] {
  const { pieces, document, lines } = trial.value!
  const look = props.library.textures.findIndex((each) => each.id === seen.value)
  const text = [props.tried && `with ${props.tried.words}`, note.value.trim()].filter(Boolean).join(': ')
  // A line is found in the trial by its words; each place is taken once.
  const places = document.components.flatMap((part, at) =>
    part.lines.map((said, row) => ({ component: part.name, said, at: `/components/${at}/lines/${row}` })),
  )
  const weighed = lines.flatMap((line): Said[] => {
    const here = ({ text, ingredient }: DocumentLine) => (text ? text === line.text : ingredient === line.ingredient)
    const place = places.findIndex((each) => each.component === line.component && here(each.said))
    if (line.left_out || place < 0) return []
    const data = { line: places.splice(place, 1)[0]!.at, grams: line.grams, target: line.wanted_grams }
    return [['weighed', { ...data, mode: 'set', by: 'typed' }]]
  })
  return [
    ['started', { formula: version.formula_id, version: version.id, scale: 1, trial_pieces: pieces, document }],
    ...weighed,
    ...(look < 0 ? [] : [['looked', { texture: look }] as Said]),
    ...(text ? [['note', { text }] as Said] : []),
  ]
}
/** What was seen goes with a version: a draft is saved first. */
async function log() {
  sending.value = true
  error.value = undefined
  try {
    const version = await draft.save()
    if (!version) throw new Error(draft.error.value)
    sent = batchLog.events(events(version), sent)
    await batchLog.append(batch, sent)
    visible.value = false
    say(`The trial is in the log, against version ${version.number}.`)
    seen.value = undefined
    note.value = ''
  } catch (failure) {
    error.value = (failure as Error).message
  } finally {
    sending.value = false
  }
}
const asked = ref(false)
const judged = computed(() => trial.value?.components.filter((part) => part.texture) ?? [])
const band = (at?: Saturation) =>
  at ? `${at.value.toFixed(2)} (${at.low.toFixed(2)}–${at.high.toFixed(2)})` : 'not estimable'
const off = (value: number) => `${value > 0 ? '+' : '−'}${figure(Math.abs(value), 0)} %`
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    header="Trial spoonful"
    :style="{ width: 'min(760px, 94vw)' }"
    :dismissable-mask="true"
    :close-on-escape="!asked"
    :pt="{ content: { tabindex: 0 } }"
  >
    <div class="how">
      <span>Pieces</span><SwitchButtons v-model="pieces" :choices="PIECES" label="How many pieces" />
      <span>The scale shows</span><SwitchButtons v-model="scale" :choices="SCALES" label="What the scale shows" />
    </div>
    <p v-if="error" class="banner wrong" role="alert">{{ error }}</p>
    <p v-if="tried" class="quiet">Of the answer that is tried on: {{ tried.words }}.</p>
    <template v-if="trial">
      <ol class="lines">
        <li v-for="line in trial.lines" :key="line.component + line.was">
          <span
            ><strong>{{ line.text }}</strong> <span class="quiet">of {{ line.was }}</span></span
          >
          <span class="figure quiet">{{
            line.left_out
              ? 'too little to measure'
              : Math.abs(line.error_pct ?? 0) >= 1
                ? off(line.error_pct!)
                : 'exact'
          }}</span>
        </li>
        <li class="total">
          <span
            >{{ trial.pieces }} of {{ figure(trial.piece_grams) }} g
            <span class="quiet share">· each line of the bowl × {{ figure(trial.share, 3) }}</span></span
          ><span class="figure">{{ figure(trial.grams) }} g</span>
        </li>
      </ol>
      <p v-for="part in judged" :key="part.name">
        <span v-if="trial.components.length > 1" class="quiet">{{ part.name }}: </span>as measured it
        {{ part.texture }}, {{ band(part.saturation) }}, the bowl {{ part.bowl_texture }},
        {{ band(part.bowl_saturation) }}.
        <button v-if="part === judged.at(-1)" type="button" class="link-button" @click="asked = true">The sums</button>
      </p>
      <p v-for="said in trial.notes" :key="said" class="quiet">{{ said }}</p>
      <p class="quiet">
        Taste it only where everything in it may be eaten raw. A small bowl warms faster in the hand than the real one.
      </p>
      <TexturePicker v-model="seen" :textures="library.textures" />
      <label class="note"
        ><span>What else was seen or tasted</span>
        <textarea v-model="note" maxlength="2000" rows="2" />
      </label>
      <Button label="Log it" :loading="sending" :disabled="!seen && !note.trim()" @click="log" />
    </template>
    <WhyDialog v-if="trial" v-model:visible="asked" :steps="trial.sums" />
  </Dialog>
</template>

<style scoped>
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 10px;
}
.lines {
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  margin-bottom: 8px;
}
.lines li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 6px 12px;
  border-top: 1px solid var(--bran);
}
.lines li:first-child {
  border-top: 0;
}
.total {
  font-weight: 600;
}
.share {
  font-weight: 400;
}
.note {
  display: grid;
  gap: 4px;
  margin: 10px 0;
}
textarea {
  font: inherit;
  padding: 8px 10px;
  background: var(--milk);
  color: var(--cocoa);
  border: 1px solid var(--husk);
  border-radius: var(--radius);
}
</style>

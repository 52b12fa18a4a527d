<script setup lang="ts">
/** Mix: type the lines, watch the Cup, press a dose. One component is edited at a time. */
import { computed, ref, shallowRef, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import type { Finding, RescueOption, TextureId } from '@/api/client'
import type { DocumentComponent, DocumentLine, DocumentShape, FormulaDocument } from '@/api/document'
import SwitchButtons from '@/components/frame/SwitchButtons.vue'
import FormulaHeader from '@/components/frame/FormulaHeader.vue'
import ShortcutsDialog from '@/components/frame/ShortcutsDialog.vue'
import CupPanel from '@/components/mix/CupPanel.vue'
import EntryLine from '@/components/mix/EntryLine.vue'
import FactsPanel from '@/components/mix/FactsPanel.vue'
import MatchPicker from '@/components/mix/MatchPicker.vue'
import PiecePanel from '@/components/mix/PiecePanel.vue'
import SecondLook from '@/components/mix/SecondLook.vue'
import SlipRow from '@/components/mix/SlipRow.vue'
import { useAssessment } from '@/composables/useAssessment'
import { useDraft } from '@/composables/useDraft'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { useNudge } from '@/composables/useNudge'
import { useShortcuts, type Shortcut } from '@/composables/useShortcuts'

const formulaId = Number(useRoute().params.id)
const draft = useDraft(formulaId)
const library = useLibrary()
const index = ref(0)
const entry = useTemplateRef<InstanceType<typeof EntryLine>>('entry')
const header = useTemplateRef<InstanceType<typeof FormulaHeader>>('header')
const keysShown = ref(false)

/** A line being typed that reads well: shown in the Cup before it is kept. `at` is its row, or none for a new line. */
const preview = shallowRef<{ at?: number; line: DocumentLine }>()
const component = computed<DocumentComponent | undefined>(() => draft.document.value.components[index.value])
const asked = computed<FormulaDocument | undefined>(() => {
  if (!draft.loaded.value) return undefined
  const document = draft.document.value
  if (!preview.value) return document
  const { at, line } = preview.value
  const components = document.components.map((part, which) => {
    if (which !== index.value) return part
    return {
      ...part,
      lines: at === undefined ? [...part.lines, line] : part.lines.map((old, row) => (row === at ? line : old)),
    }
  })
  return { ...document, components }
})
const { assessment, pending, error, again } = useAssessment(asked)
const assessed = computed(() => assessment.value?.components[index.value])
const process = computed(() => component.value?.process ?? 'hand')
const cup = computed(() => draft.document.value.kitchen?.cup as string | undefined)
const scale = computed(() =>
  Math.max(1, ...(assessed.value?.lines.flatMap((line) => [line.supply_ml ?? 0, line.demand_ml ?? 0]) ?? [])),
)

draft.load()

const inComponent = (label: string, make: (part: DocumentComponent) => void) =>
  draft.edit(label, (copy) => make(copy.components[index.value]!))
function add(line: DocumentLine) {
  preview.value = undefined
  inComponent(`adding “${line.text}”`, (part) => void part.lines.push(line))
}
function change(row: number, line: DocumentLine) {
  inComponent(`“${line.text ?? line.ingredient}”`, (part) => void part.lines.splice(row, 1, line))
}
function remove(row: number) {
  const gone = assessed.value?.lines[row]?.text ?? 'the line'
  inComponent(`taking out “${gone}”`, (part) => void part.lines.splice(row, 1))
  say(`“${gone}” is out.`, { word: 'Undo', run: () => draft.undo() })
}
const { nudge: step } = useNudge()
/** A line moved by spoon steps: kept at once, or only shown while it is dragged. */
async function nudge(row: number, steps: number, keep = true) {
  const line = component.value?.lines[row]
  // Of the line that is kept, not of the one that a drag shows meanwhile.
  const shown = line?.text ?? `${line?.grams} g ${assessed.value?.lines[row]?.name?.toLowerCase()}`
  if (!line) return
  try {
    const moved = await step(line, shown, steps)
    if (!moved || component.value?.lines[row] !== line) return
    if (keep) preview.value = undefined
    if (!keep) preview.value = { at: row, line: moved }
    else if (moved.text !== shown) change(row, moved)
  } catch (failure) {
    say((failure as Error).message)
  }
}
const picking = ref<number>()
const pickedLine = computed(() => (picking.value === undefined ? undefined : assessed.value?.lines[picking.value]))
function choose(ingredient: string) {
  const row = picking.value
  picking.value = undefined
  const line = row === undefined ? undefined : component.value?.lines[row]
  if (row !== undefined && line)
    change(row, line.text ? { text: line.text, ingredient } : { ingredient, grams: line.grams })
}
function dose(option: RescueOption) {
  preview.value = undefined
  if (draft.apply(option.text, option.patch)) say(`${option.text} added.`, { word: 'Undo', run: () => draft.undo() })
}
function mend(finding: Finding) {
  preview.value = undefined
  draft.apply(finding.remedy.text, finding.remedy.patch)
}
const setShape = (shape: DocumentShape) => draft.edit('the portion', (copy) => void (copy.shape = shape))
const setProcess = (next: 'hand' | 'processor') => inComponent('how it is mixed', (part) => void (part.process = next))
const setWant = (want: TextureId) => inComponent('the wanted texture', (part) => void (part.want = want))
const PROCESSES = [
  { id: 'hand', word: 'by hand' },
  { id: 'processor', word: 'in the processor' },
] as const

function focusedRow() {
  const row = document.activeElement?.closest<HTMLElement>('[data-line]')?.dataset.line
  return row ? Number(row) - 1 : undefined
}
function nudgeFocused(direction: 1 | -1) {
  const row = focusedRow()
  if (row !== undefined) nudge(row, direction)
}
const shortcuts: Shortcut[] = [
  { keys: '/', what: 'To the entry line', run: () => entry.value?.focus() },
  { keys: 'ctrl+z', what: 'Undo', run: () => draft.undo(), inFields: true },
  { keys: 'ctrl+shift+z', what: 'Redo', run: () => draft.history.redo(), inFields: true },
  { keys: 'ctrl+s', what: 'Save', run: () => header.value?.save(), inFields: true },
  { keys: 'alt+ArrowUp', what: 'A spoon more of the line in hand', run: () => nudgeFocused(1), inFields: true },
  { keys: 'alt+ArrowDown', what: 'A spoon less of the line in hand', run: () => nudgeFocused(-1), inFields: true },
  { keys: 'l', what: 'Second look', run: () => document.getElementById('second-look')?.focus() },
  { keys: '?', what: 'These keys', run: () => (keysShown.value = true) },
]
useShortcuts(() => shortcuts)
</script>

<template>
  <div v-if="draft.error.value && !draft.loaded.value" class="page">
    <h1>Not here</h1>
    <p>{{ draft.error.value }}</p>
  </div>
  <div v-else class="mix-view">
    <FormulaHeader
      ref="header"
      :draft="draft"
      :formula-id="formulaId"
      :grams="assessment?.grams"
      :pieces="assessment?.pieces?.count"
    />
    <p v-if="draft.restored.value" class="banner">
      This is your unsaved draft from before. Save makes it a version; Undo takes it back step by step.
    </p>
    <p v-if="draft.error.value" class="banner wrong" role="alert">{{ draft.error.value }}</p>
    <p v-if="error" class="banner wrong" role="alert">
      {{ error }} <button class="link-button" type="button" @click="again">Try again</button>
    </p>

    <div class="bench">
      <section class="slip" aria-label="The lines">
        <div class="how">
          <Select
            v-if="draft.document.value.components.length > 1"
            v-model="index"
            aria-label="Component"
            :options="draft.document.value.components.map((part, at) => ({ at, name: part.name }))"
            option-label="name"
            option-value="at"
            size="small"
          />
          <SwitchButtons
            :model-value="process"
            :choices="PROCESSES"
            label="How it is mixed"
            @update:model-value="setProcess"
          />
          <label class="aim"
            ><span class="quiet">should be</span>
            <Select
              aria-label="Wanted texture"
              :model-value="assessed?.want"
              :options="library?.textures ?? []"
              option-label="word"
              option-value="id"
              size="small"
              @update:model-value="setWant"
            />
          </label>
        </div>
        <EntryLine
          ref="entry"
          :process="process"
          :cup="cup"
          @add="add"
          @reading="preview = $event && { line: $event }"
        />
        <div v-if="!draft.loaded.value" class="skeleton" aria-hidden="true" />
        <ol v-else-if="component?.lines.length" class="rows">
          <SlipRow
            v-for="(line, row) in component.lines"
            :key="row"
            :line="line"
            :assessed="assessed?.lines[row]"
            :scale="scale"
            :process="process"
            :cup="cup"
            :number="row + 1"
            @change="change(row, $event)"
            @preview="preview = $event && { at: row, line: $event }"
            @remove="remove(row)"
            @nudge="nudge(row, $event)"
            @drag="nudge(row, $event, false)"
            @pick="picking = row"
          />
          <li class="total">
            <span>In the bowl</span><span class="figure">{{ assessed ? Math.round(assessed.grams) : '…' }} g</span>
          </li>
        </ol>
        <div v-else class="teach">
          <p>Nothing in the bowl yet. Try these, one line at a time:</p>
          <p
            v-for="example in ['1 1/2 cups rolled oats, ground', '12 soft dates, to paste', '1/3 cup tahini']"
            :key="example"
          >
            <button type="button" class="link-button" @click="add({ text: example })">{{ example }}</button>
          </p>
        </div>
      </section>
      <CupPanel class="cup-column" :component="assessed" :library="library" :pending="pending" @dose="dose" />
      <aside class="side" aria-label="One piece and the second look">
        <PiecePanel :assessment="assessment" :shape="draft.document.value.shape" :library="library" @shape="setShape" />
        <SecondLook v-if="assessment" :findings="assessment.findings" @mend="mend" />
        <FactsPanel :assessment="assessment" />
      </aside>
    </div>
    <MatchPicker :line="pickedLine" :library="library" @choose="choose" @close="picking = undefined" />
    <ShortcutsDialog v-model:visible="keysShown" :shortcuts="shortcuts" />
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 46fr) minmax(0, 27fr) minmax(0, 25fr);
  gap: 20px;
  padding: 16px 24px 40px;
  align-items: start;
}
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 10px;
}
.aim {
  display: flex;
  gap: 8px;
  align-items: center;
}
.rows {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  margin-top: 6px;
  overflow: hidden;
}
.rows :deep(.row:first-child) {
  border-top: 0;
}
.total {
  display: flex;
  justify-content: space-between;
  padding: 8px 12px;
  border-top: 1px solid var(--bran);
  font-weight: 600;
}
.side {
  background: var(--milk);
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  padding: 14px 16px;
}
.banner {
  padding: 8px 24px;
  background: var(--elm-tint);
}
.wrong {
  background: var(--date-tint);
}
@media (max-width: 1100px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
  .cup-column {
    order: -1;
  }
}
</style>

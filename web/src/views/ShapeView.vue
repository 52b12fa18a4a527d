<script setup lang="ts">
/** Shape: how the bowl becomes pieces, drawn to scale, and the coat they want. */
import { computed, ref } from 'vue'
import type { ShapeKind } from '@/api/client'
import type { DocumentShape } from '@/api/document'
import WhyDialog from '@/components/frame/WhyDialog.vue'
import ColdNote from '@/components/cold/ColdNote.vue'
import CoatPanel from '@/components/shape/CoatPanel.vue'
import ShapeFigures from '@/components/shape/ShapeFigures.vue'
import ShapeKinds from '@/components/shape/ShapeKinds.vue'
import ToolList from '@/components/shape/ToolList.vue'
import ShapeFindings from '@/components/shape/ShapeFindings.vue'
import SectionDrawing from '@/drawings/SectionDrawing.vue'
import TopViewDrawing from '@/drawings/TopViewDrawing.vue'
import { useAttention } from '@/composables/useAttention'
import { useFormula } from '@/composables/useFormula'
import { useLibrary } from '@/composables/useLibrary'
import { saveTemplate } from '@/composables/useTemplate'
import { shapeWith, useShape } from '@/composables/useShape'
import { useShortcuts } from '@/composables/useShortcuts'
import { figure } from '@/format'

const formula = useFormula()
const { draft } = formula
const library = useLibrary()
const { answer, error, setShape, setCoat, setLives } = useShape(draft)
const { mend } = useAttention(draft)
const document = draft.document
const shape = computed(() => document.value.shape)
const kinds = computed(() => library.value?.shapes ?? [])
const kind = computed(() => kinds.value.find((each) => each.kind === shape.value?.kind))
const pieces = computed(() => (answer.value?.shape?.kind === shape.value?.kind ? answer.value?.pieces : undefined))
const coat = computed(() => (pieces.value ? answer.value?.coat : undefined))
const whyShown = ref(false)
const whySteps = computed(() => [...(pieces.value?.why ?? []), ...(coat.value?.why ?? [])])

/** Another kind starts as usual, with as many pieces where that can be said of it. */
function choose(next: ShapeKind) {
  if (next.kind === shape.value?.kind) return
  const usual = next.usual as unknown as DocumentShape
  const counted = next.ways.find((way) => way.key === 'pieces')
  const count = pieces.value?.count
  setShape(
    count && counted && !['slab', 'bark'].includes(next.kind) ? shapeWith(usual, next.ways, counted, count) : usual,
  )
}
function setGrid(columns: number, rows: number) {
  const rest = Object.fromEntries(
    Object.entries(shape.value ?? {}).filter(([key]) => !['pieces', 'piece_grams', 'grid'].includes(key)),
  )
  setShape({ ...rest, grid: [columns, rows] } as unknown as DocumentShape)
}
const setTin = (sides: number[]) => setShape({ ...shape.value, tin_mm: sides } as unknown as DocumentShape)
useShortcuts(() => [
  { keys: 'ctrl+z', what: 'Undo', run: draft.undo, inFields: true },
  { keys: 'ctrl+shift+z', what: 'Redo', run: draft.history.redo, inFields: true },
  { keys: 'ctrl+s', what: 'Save', run: formula.save, inFields: true },
])
</script>

<template>
  <div class="shape-view">
    <section class="left" aria-label="Shape and its figures">
      <ShapeKinds :kinds="kinds" :chosen="shape?.kind" @choose="choose" />
      <ShapeFigures v-if="kind && shape" :kind="kind" :shape="shape" :pieces="pieces" @shape="setShape" />
      <p v-else-if="draft.loaded.value" class="teach">Choose a shape, and the pieces are counted.</p>
      <p v-if="error" class="fault" role="alert">{{ error }}</p>
      <ToolList v-if="answer" :choices="answer.choices" @shape="setShape" />
    </section>
    <section class="middle" aria-labelledby="drawn-title">
      <h2 id="drawn-title" class="screen-reader">From above and cut through</h2>
      <template v-if="pieces">
        <p class="makes" data-makes aria-live="polite">
          <strong class="figure">{{ pieces.words }}</strong> of
          <span class="figure">{{ figure(pieces.piece_grams, 1) }} g</span
          ><template v-if="pieces.finished_piece_grams"
            >, <span class="figure">{{ figure(pieces.finished_piece_grams, 1) }} g</span> with all that is on
            it</template
          >. {{ pieces.size[0]?.toUpperCase() }}{{ pieces.size.slice(1)
          }}<template v-if="pieces.over_words"
            >; <span class="figure">{{ pieces.over_words }}</span></template
          ><template v-if="pieces.trim_grams">; {{ figure(pieces.trim_grams) }} g trimmed off</template>.
          <button type="button" class="link-button" @click="whyShown = true">Why</button>
        </p>
        <p v-for="note in pieces.notes" :key="note" class="note">{{ note }}</p>
        <ShapeFindings :findings="answer?.findings ?? []" @mend="mend" />
        <TopViewDrawing v-if="answer?.top_view" :view="answer.top_view" :pieces="pieces" @cut="setGrid" @tin="setTin" />
        <p v-if="answer?.top_view?.more" class="quiet">{{ answer.top_view.more }} more do not fit on it at once.</p>
        <SectionDrawing :pieces="pieces" :coat="coat" />
        <ul class="facts">
          <li v-if="pieces.by_weight && !pieces.cut">By weight: {{ pieces.by_weight.words }}.</li>
          <li v-for="round in pieces.rounds" :key="round.words">{{ round.words }}.</li>
          <li v-if="pieces.full_grams">Full, it takes {{ figure(pieces.full_grams, 0) }} g.</li>
        </ul>
        <Button
          v-if="pieces.cut"
          label="Cutting template (PDF)"
          severity="secondary"
          size="small"
          title="The cut at true size, to print"
          @click="saveTemplate(document)"
        />
        <ColdNote />
      </template>
      <p v-else-if="answer" class="teach">
        {{
          shape
            ? 'There is nothing in the bowl that could be shaped. Type a line in Mix, and it is drawn here.'
            : 'Balls, a tin, cups: choose a shape on the left.'
        }}
      </p>
      <div v-else class="skeleton" />
    </section>
    <div class="right">
      <CoatPanel
        v-if="library"
        :coat="coat"
        :document="document"
        :library="library"
        :lives="answer?.lives ?? 'fridge'"
        @coat="setCoat"
        @lives="setLives"
        @why="whyShown = true"
      />
    </div>
    <WhyDialog v-model:visible="whyShown" :steps="whySteps" />
  </div>
</template>

<style scoped>
.shape-view {
  display: grid;
  grid-template-columns: minmax(0, 31fr) minmax(0, 41fr) minmax(0, 28fr);
  gap: 22px;
  padding: 14px 24px 40px;
  align-items: start;
}
.makes {
  font-size: 1.0625rem;
}
.makes strong {
  font-family: var(--heading);
  font-size: 1.375rem;
}
.note {
  color: var(--date);
}
.middle {
  display: grid;
  gap: 8px;
}
.facts {
  font-size: 0.9375rem;
}
.fault {
  color: var(--berry);
}
@media (max-width: 1100px) {
  .shape-view {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    padding-inline: 16px;
  }
  .middle {
    order: -1;
    grid-column: 1 / -1;
  }
}
@media (max-width: 700px) {
  .shape-view {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
/** Mix: type the lines, watch the Cup, press a dose. One part is in hand at a time, or the whole at a glance. */
import { computed, onDeactivated, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import ShortcutsDialog from '@/components/frame/ShortcutsDialog.vue'
import BalancePanel from '@/components/balance/BalancePanel.vue'
import BreachNote from '@/components/eaters/BreachNote.vue'
import CupPanel from '@/components/cup/CupPanel.vue'
import FoldOut from '@/components/frame/FoldOut.vue'
import FlavourSettings from '@/components/parts/FlavourSettings.vue'
import MixingBar from '@/components/kitchen/MixingBar.vue'
import MixDialogs from '@/components/mix/MixDialogs.vue'
import PartsBar from '@/components/parts/PartsBar.vue'
import PartSettings from '@/components/parts/PartSettings.vue'
import SidePanel from '@/components/mix/SidePanel.vue'
import SlipLines from '@/components/lines/SlipLines.vue'
import TakesEditor from '@/components/parts/TakesEditor.vue'
import TrialCup from '@/components/cup/TrialCup.vue'
import WholePanel from '@/components/parts/WholePanel.vue'
import WishBar from '@/components/balance/WishBar.vue'
import type { AssessedComponent, AssessedFlavour } from '@/api/client'
import { useBalance } from '@/composables/useBalance'
import { useFormula } from '@/composables/useFormula'
import { useKitchen } from '@/composables/useKitchen'
import { useLibrary } from '@/composables/useLibrary'
import { useMixKeys } from '@/composables/useMixKeys'
import { usePartInHand } from '@/composables/usePartInHand'
import { useParts } from '@/composables/useParts'
import { useSlip } from '@/composables/useSlip'
import { useWishes } from '@/composables/useWishes'

const router = useRouter()
const formula = useFormula()
const { id: formulaId, draft } = formula
const library = useLibrary()
const entry = useTemplateRef<InstanceType<typeof SlipLines>>('entry')
const wishBar = useTemplateRef<InstanceType<typeof WishBar>>('wishBar')
const dialogs = useTemplateRef<InstanceType<typeof MixDialogs>>('dialogs')
const keysShown = ref(false)

const slip = useSlip(formula)
const { setShape, setProcess, setWant } = useKitchen(draft, () => slip.place.value.index)
const wishes = useWishes(draft)
const balancing = useBalance(draft, slip, wishes)
const { open: balanceOpen, trying, triedOn } = balancing
const {
  place,
  component,
  flavour,
  lines,
  assessment,
  assessed,
  assessedLines,
  error,
  process,
  kitchen,
  picking,
  provisional,
} = slip
const document = draft.document
const parts = useParts(draft)
const { add, addFlavour, move, moveInHand } = usePartInHand(parts, place, document)
/** While answers are weighed: the component whose cup is shown. */
const shownPart = computed({
  get: () => String(place.value.list === 'components' ? place.value.index : 0),
  set: (index) => (place.value = { list: 'components', index: Number(index), key: 'lines' }),
})
const several = computed(() => document.value.components.length + (document.value.splits?.length ?? 0) > 1)
/** What is in hand by its kind. */
const inHand = computed(() => (component.value ? (assessed.value as AssessedComponent | undefined) : undefined))
const base = computed(() => (flavour.value ? (assessed.value as AssessedFlavour | undefined)?.component : undefined))

// What is only shown is not kept: another tab is of the draft.
onDeactivated(() => {
  balancing.close()
  slip.show(undefined)
})

const shortcuts = useMixKeys({
  type: () => entry.value?.focus(),
  undo: draft.undo,
  redo: draft.history.redo,
  save: formula.save,
  nudge: slip.nudge,
  movePart: moveInHand,
  balance: () => wishBar.value?.balance(),
  wish: () => wishBar.value?.focus(),
  tryOut: () => dialogs.value?.tryOut(),
  writeDown: () => router.push(`/formulas/${formulaId}/made`),
  showKeys: () => (keysShown.value = true),
})
</script>

<template>
  <div class="mix-view">
    <WishBar
      v-if="draft.loaded.value"
      ref="wishBar"
      :kept="wishes.kept.value"
      :add="wishes.add"
      :assessment="assessment"
      :library="library"
      @drop="wishes.drop"
      @balance="balancing.ask"
      @trial="dialogs?.tryOut()"
    />
    <div v-if="balanceOpen" class="bench weighing">
      <BalancePanel
        :balance="balancing.balance.value"
        :running="balancing.running.value"
        :hurried="balancing.hurried.value"
        :error="balancing.error.value"
        :trying="trying"
        :wishes="wishes.kept.value"
        :library="library"
        @ask="balancing.ask"
        @call-off="balancing.callOff"
        @close="balancing.close"
        @try-on="balancing.tryOn"
        @take="balancing.take"
        @relax="balancing.relax"
      />
      <TrialCup
        v-model:shown="shownPart"
        :document="document"
        :assessment="assessment"
        :library="library"
        :tried="trying !== undefined"
        :provisional="provisional"
        :stale="!!error"
        @dose="slip.dose"
      />
    </div>
    <template v-else>
      <div v-if="draft.loaded.value" class="where">
        <PartsBar
          v-model:place="place"
          :document="document"
          :assessment="assessment"
          @add="add"
          @flavour="addFlavour"
          @move="move"
        />
        <FoldOut v-if="component && several" label="This part">
          <PartSettings
            :part="component"
            :index="place.index"
            :count="document.components.length"
            :rename="(name) => parts.rename(place.index, name)"
            @type="parts.setType(place.index, $event)"
            @move="move(place.index, $event)"
            @remove="parts.remove(place.index)"
          />
        </FoldOut>
        <MixingBar
          v-if="component"
          :process="process"
          :want="assessed?.want"
          :kitchen="kitchen"
          :library="library"
          @update:process="setProcess"
          @want="setWant"
        />
      </div>
      <div class="bench" :class="{ whole: place.list === 'whole' }">
        <section class="slip" aria-label="The lines">
          <BreachNote v-if="assessment" :breaches="assessment.breaches" />
          <WholePanel
            v-if="place.list === 'whole' && assessment && library"
            :assessment="assessment"
            :library="library"
            @open="place = $event"
          />
          <template v-else>
            <FlavourSettings
              v-if="flavour"
              v-model:way="place.key"
              :flavour="flavour"
              :base="base"
              :rename="(name) => parts.renameFlavour(place.index, name)"
              @share="parts.shareFlavour(place.index, $event)"
              @remove="parts.removeFlavour(place.index)"
            />
            <SlipLines
              ref="entry"
              :loaded="draft.loaded.value"
              :lines="lines"
              :assessed-lines="assessedLines"
              :grams="assessed?.grams"
              :flavour="flavour ? place.key : undefined"
              :process="process"
              :kitchen="kitchen"
              @add="slip.add"
              @show="slip.show"
              @change="slip.change"
              @remove="slip.remove"
              @nudge="slip.nudge"
              @part="slip.part"
              @pick="picking = $event"
              @instead="dialogs?.replace($event)"
              @lock="wishes.toggleLock($event, (component ?? flavour)?.name)"
            />
            <TakesEditor
              v-if="component && several"
              :document="document"
              :index="place.index"
              :assessed="inHand"
              @take="(at, amount, of) => parts.take(place.index, at, amount, of)"
            />
          </template>
        </section>
        <CupPanel
          v-if="place.list !== 'whole'"
          class="cup-column"
          :component="assessed"
          :library="library"
          :provisional="provisional"
          :stale="!!error"
          @dose="slip.dose"
        />
        <SidePanel
          :document="document"
          :library="library"
          :part="several ? assessed : undefined"
          :provisional="provisional"
          @shape="setShape"
        />
      </div>
    </template>
    <MixDialogs
      ref="dialogs"
      :document="document"
      :library="library"
      :picked="picking === undefined ? undefined : assessedLines[picking]"
      :tried="triedOn"
      @choose="slip.choose"
      @unpick="picking = undefined"
    />
    <ShortcutsDialog v-model:visible="keysShown" :shortcuts="shortcuts" />
  </div>
</template>

<style scoped>
.where {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 8px 24px 0;
}
.bench {
  display: grid;
  grid-template-columns: minmax(0, 50fr) minmax(0, 25fr) minmax(0, 25fr);
  gap: 20px;
  padding: 8px 24px 40px;
  align-items: start;
}
.bench.whole {
  grid-template-columns: minmax(0, 74fr) minmax(0, 25fr);
}
.bench.weighing {
  grid-template-columns: minmax(0, 72fr) minmax(0, 27fr);
}
@media (max-width: 1100px) {
  .bench,
  .bench.whole,
  .bench.weighing {
    grid-template-columns: minmax(0, 1fr);
  }
  .cup-column {
    order: -1;
  }
  .where,
  .bench {
    padding-inline: 16px;
  }
}
</style>

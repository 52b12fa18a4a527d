<script setup lang="ts">
/** From the cupboard: tick what there is, say what it should be like, and see up to three bowls made of it. */
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import CupboardBowl from '@/components/cupboard/CupboardBowl.vue'
import TickList from '@/components/cupboard/TickList.vue'
import ClashNote from '@/components/balance/ClashNote.vue'
import { useCupboard } from '@/composables/useCupboard'
import { useLibrary } from '@/composables/useLibrary'
import type { Clash } from '@/api/client'
import { count } from '@/format'

const library = useLibrary()
const cupboard = useCupboard(library)
const { ticked, useUp, grams, want, pieceGrams, pieces, wishes, words, fault, balance, error, loaded, looking } =
  cupboard
const ready = computed(() => ticked.value.length + useUp.value.length > 0)
/** On a small screen what was found stands below what is ticked: it is brought into sight. */
const found = useTemplateRef<HTMLElement>('found')
watch(balance, async () => {
  await nextTick()
  const top = found.value?.getBoundingClientRect().top ?? 0
  if (top > window.innerHeight / 2) found.value?.scrollIntoView({ block: 'start' })
})
/** A bowl has some texture, so that wish can only become another. */
const mine = (clash: Clash) =>
  clash.relax.flatMap((change) =>
    change.becomes || wishes.value.some((each) => each.wish === change.wish) ? [change.wish] : [],
  )
</script>

<template>
  <div class="page cupboard">
    <h1>What I have</h1>
    <p class="quiet">
      Tick what there is. Balance keeps its helpers to it too; with nothing ticked it may use anything.
    </p>
    <p v-if="error" class="banner wrong" role="alert">{{ error }}</p>
    <div class="halves">
      <TickList
        v-if="library && loaded"
        :library="library"
        :ticked="ticked"
        :use-up="useUp"
        :grams="grams"
        @tick="cupboard.tick"
        @must-go="cupboard.mustGo"
        @grams="(id, typed) => (grams = { ...grams, [id]: typed })"
      />
      <div v-else class="skeleton" aria-hidden="true" />
      <section aria-label="What it should be">
        <form class="ask" @submit.prevent="cupboard.propose">
          <label
            ><span>It should be</span>
            <Select
              v-model="want"
              aria-label="Wanted texture"
              :options="library?.textures ?? []"
              option-label="word"
              option-value="id"
              size="small"
            />
          </label>
          <label><span>Grams a piece</span><InputText v-model="pieceGrams" inputmode="decimal" size="small" /></label>
          <label
            ><span>Pieces</span><InputText v-model="pieces" inputmode="numeric" placeholder="as it comes" size="small"
          /></label>
          <label class="wide"
            ><span>Wishes</span>
            <InputText
              v-model="words"
              placeholder="under 90 kcal, vegan, no peanut …"
              maxlength="160"
              size="small"
              :aria-invalid="!!fault"
              aria-describedby="cupboard-fault"
              @keydown.enter.prevent="cupboard.addWish"
              @input="fault = undefined"
            />
          </label>
          <ul v-if="wishes.length" class="said">
            <li v-for="each in wishes" :key="each.wish">
              {{ each.words }}
              <button
                type="button"
                :aria-label="`Drop the wish: ${each.words}`"
                @click="wishes = wishes.filter((other) => other !== each)"
              >
                ×
              </button>
            </li>
          </ul>
          <p id="cupboard-fault" class="fault" aria-live="polite">{{ fault }}</p>
          <div class="go">
            <Button type="submit" label="Propose bowls" :disabled="!ready || looking" />
            <Button v-if="looking" label="Cancel" severity="secondary" @click="cupboard.cancel" />
            <span class="quiet">{{ count(ticked.length, 'thing') }} ticked</span>
          </div>
        </form>
        <div v-if="looking" class="skeleton" role="status" aria-label="Looking for bowls" />
        <div v-if="balance && library" ref="found" aria-live="polite">
          <p v-for="note in balance.notes" :key="note">{{ note }}</p>
          <ClashNote
            v-for="clash in balance.clashes"
            :key="clash.words"
            :clash="clash"
            :wishes="mine(clash)"
            :level="2"
            @relax="cupboard.relax"
          />
          <CupboardBowl
            v-for="answer in balance.answers"
            :key="answer.formula.name"
            :answer="answer"
            :library="library"
            @make="cupboard.make(answer)"
          />
        </div>
        <p v-else-if="!looking" class="teach">
          Bowls will show here: date-led, nut-butter-led, oat-led, coconut-fat-led or cocoa-led, as near to a usual one
          as your wishes allow, in measures that you have.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 42fr) minmax(0, 58fr);
  gap: 24px;
  align-items: start;
  margin-top: 12px;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
  margin-bottom: 14px;
}
.ask label {
  display: grid;
  gap: 2px;
}
.ask label > span:first-child {
  color: var(--husk);
  font-size: 0.9375rem;
}
.ask :deep(input) {
  width: 120px;
}
.ask .wide :deep(input) {
  width: 280px;
}
.said {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.said li {
  border: 1px solid var(--bran);
  border-radius: var(--radius-in);
  background: var(--milk);
  padding: 2px 2px 2px 10px;
}
.said button {
  border: 0;
  background: none;
  min-width: 28px;
  min-height: 28px;
  cursor: pointer;
  color: var(--husk);
}
.fault {
  color: var(--berry);
  flex-basis: 100%;
  margin: 0;
}
.fault:empty {
  display: none;
}
.go {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-basis: 100%;
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

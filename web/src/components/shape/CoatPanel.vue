<script setup lang="ts">
/** The coat: how it goes on and of what, how much to melt and how, what to do when it goes wrong. */
import { computed } from 'vue'
import type { CoatCard, Library } from '@/api/client'
import type { DocumentCoat, DocumentLives, FormulaDocument } from '@/api/document'
import CoatChart from '@/drawings/CoatChart.vue'
import { figure } from '@/format'

const props = defineProps<{ coat?: CoatCard; document: FormulaDocument; library: Library; lives: string }>()
const emit = defineEmits<{ coat: [coat: DocumentCoat]; lives: [lives: DocumentLives]; why: [] }>()

const PLACES: { id: DocumentLives; word: string }[] = [
  { id: 'room', word: 'at room temperature' },
  { id: 'fridge', word: 'in the fridge' },
  { id: 'freezer', word: 'in the freezer' },
]
const WORDS: Record<string, string> = {
  dip: 'dipped',
  half_dip: 'half dipped',
  drizzle: 'drizzled',
  spread: 'spread over the top',
  cup: 'a shell around it',
  roll: 'rolled in',
}
const parts = computed(() =>
  props.document.components.filter((part) => ['coating', 'topping'].includes(part.type ?? 'dough')),
)
const strewn = computed(() => parts.value.filter((part) => part.type === 'topping').map((part) => part.name))
const kind = computed(() => props.coat?.kind ?? 'none')
function change(more: Partial<DocumentCoat>) {
  const now: DocumentCoat = {
    ...(props.document.coat ?? {}),
    kind: kind.value as DocumentCoat['kind'],
    ...(props.coat?.component ? { component: props.coat.component } : {}),
    ...more,
  }
  emit('coat', now.kind === 'none' ? { kind: 'none' } : now)
}
/** What is rolled in is a topping, all else a coating: the part that fits comes along. */
function setKind(next: string) {
  const type = next === 'roll' ? 'topping' : 'coating'
  const fits = parts.value.find((part) => part.type === type) ?? parts.value[0]
  const rest = Object.fromEntries(Object.entries(props.document.coat ?? {}).filter(([key]) => key !== 'component'))
  emit('coat', {
    ...rest,
    kind: next as DocumentCoat['kind'],
    ...(next === 'none' || !fits ? {} : { component: fits.name }),
  } as DocumentCoat)
}
const suits = computed(() => props.coat?.schools?.find((school) => school.suits))
</script>

<template>
  <section class="coat panel" aria-labelledby="coat-title">
    <div class="head">
      <h2 id="coat-title">Coat</h2>
      <select
        class="plain-field"
        aria-label="How the coat goes on"
        :value="kind"
        @change="setKind(($event.target as HTMLSelectElement).value)"
      >
        <option value="none">none</option>
        <option v-for="each in library.coats" :key="each.id" :value="each.id">
          {{ WORDS[each.id] ?? each.words }}
        </option>
      </select>
    </div>
    <template v-if="coat">
      <p v-if="coat.assumed" class="quiet small">Taken from the part “{{ coat.component }}”. Choose otherwise above.</p>
      <div class="choices">
        <label v-if="parts.length > 1" class="choice"
          >of
          <select
            class="plain-field"
            aria-label="Part it is made of"
            :value="coat.component"
            @change="change({ component: ($event.target as HTMLSelectElement).value })"
          >
            <option v-for="part in parts" :key="part.name" :value="part.name">{{ part.name }}</option>
          </select></label
        >
        <label v-if="['dip', 'half_dip'].includes(coat.kind)" class="choice"
          >coats
          <select
            class="plain-field"
            aria-label="How many coats"
            :value="coat.coats"
            @change="change({ coats: Number(($event.target as HTMLSelectElement).value) })"
          >
            <option v-for="each in [1, 2, 3]" :key="each" :value="each">{{ each }}</option>
          </select></label
        >
      </div>
      <p class="need" data-coat>
        <strong class="figure">{{ figure(coat.grams_with_spare, 0) }} g</strong> to have ready
      </p>
      <p>
        About <span class="figure">{{ figure(coat.grams_needed, 0) }} g</span> goes on (<span class="figure"
          >{{ figure(coat.grams_low, 0) }} to {{ figure(coat.grams_high, 0) }}</span
        >), <span class="figure">{{ figure(coat.piece_grams, 1) }} g</span> a piece.
        <button type="button" class="link-button" @click="$emit('why')">Why</button>
      </p>
      <p v-if="coat.short_grams" class="short">
        You have {{ figure(coat.have_grams!, 0) }} g: {{ figure(coat.short_grams, 0) }} g too little.
      </p>
      <p v-for="note in coat.notes" :key="note" class="short">{{ note }}</p>
      <ul v-if="coat.packs?.length" class="packs">
        <li v-for="pack in coat.packs" :key="pack.ingredient">
          <span class="figure">{{ figure(pack.grams, 0) }} g</span> {{ pack.name
          }}<template v-if="pack.spoons">, {{ pack.spoons }}</template
          ><template v-if="pack.packs">: open {{ pack.packs }}</template>
        </li>
      </ul>
      <p v-if="coat.sets" class="sets">{{ coat.sets }}</p>
      <label v-if="suits" class="choice lives"
        >They live
        <select
          class="plain-field"
          aria-label="Where they live"
          :value="lives"
          @change="$emit('lives', ($event.target as HTMLSelectElement).value as DocumentLives)"
        >
          <option v-for="place in PLACES" :key="place.id" :value="place.id">{{ place.word }}</option>
        </select></label
      >
      <p v-if="suits">
        <strong>{{ suits.words }}.</strong> {{ suits.why }}
      </p>
      <CoatChart v-if="coat.size_chart.length > 1" :points="coat.size_chart" />
      <details v-if="coat.melting">
        <summary>Melt it, no hotter than {{ coat.hottest_c }} °C</summary>
        <dl>
          <template v-for="way in coat.melting" :key="way.way">
            <dt>{{ way.words }}</dt>
            <dd>{{ way.steps }}.</dd>
          </template>
        </dl>
        <p>{{ coat.water }}</p>
      </details>
      <details v-if="coat.thinning?.length">
        <summary>Thin it</summary>
        <ul>
          <li v-for="each in coat.thinning" :key="each.ingredient + each.school">
            <strong>{{ each.spoons ?? `${figure(each.grams)} g` }} {{ each.words }}</strong> ({{
              each.school
            }})<template v-if="each.thickness_mm">: a shell of {{ figure(each.thickness_mm, 1) }} mm</template>.
            <span class="quiet">{{ each.why }}</span>
          </li>
        </ul>
      </details>
      <details v-if="coat.tempering">
        <summary>Temper it</summary>
        <p>{{ coat.tempering.words }}</p>
      </details>
      <details v-if="coat.rescue">
        <summary>It went thick, or some is left</summary>
        <p v-for="words in coat.rescue" :key="words">{{ words }}</p>
        <p>{{ coat.leftover }}</p>
      </details>
      <details v-if="coat.home_made">
        <summary>Make the shell yourself</summary>
        <ul>
          <li v-for="each in coat.home_made" :key="each.ingredient">
            <span class="figure">{{ figure(each.grams, 0) }} g</span> {{ each.words
            }}<template v-if="each.spoons">, {{ each.spoons }}</template>
          </li>
        </ul>
        <p>{{ coat.home_made_words }}</p>
      </details>
    </template>
    <p v-else class="quiet">
      {{
        strewn.length
          ? `${strewn.join(' and ')}: strewn on all of them and counted. No other coat.`
          : parts.length
            ? 'Nothing goes on. Choose how, and it is counted.'
            : 'Nothing to coat with yet: add a part of the type coating or topping in Mix.'
      }}
    </p>
  </section>
</template>

<style scoped>
.coat {
  padding: 12px 16px 14px;
  display: grid;
  gap: 6px;
  font-size: 0.9375rem;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.need strong {
  font-family: var(--heading);
  font-size: 1.75rem;
}
.choices {
  display: flex;
  gap: 12px;
}
.choice {
  display: flex;
  gap: 8px;
  align-items: center;
}
select {
  max-width: 180px;
}
.plain-field {
  padding: 4px 8px;
}
.short {
  color: var(--date);
  font-weight: 600;
}
.small {
  font-size: 0.8125rem;
}
.packs {
  border-left: 3px solid var(--bran);
  padding-left: 10px;
}
details {
  border-top: 1px solid var(--bran);
  padding-top: 6px;
}
summary {
  cursor: pointer;
  font-weight: 600;
}
details > *:not(summary) {
  margin-top: 6px;
}
dt {
  font-weight: 600;
}
dd {
  margin: 0 0 6px;
}
details li {
  margin-bottom: 4px;
}
@media (pointer: coarse) {
  summary,
  .plain-field {
    min-height: 44px;
    align-content: center;
  }
}
</style>

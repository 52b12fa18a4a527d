<script setup lang="ts">
/** Who eats it: what they need, what breaks it and by which line; allergens by the lists that labels go by. */
import { computed } from 'vue'
import type { Assessment, DietId, Library } from '@/api/client'
import { waits } from '@/api/waits'

const props = defineProps<{ assessment: Assessment; library: Library; needs: DietId[] }>()
const emit = defineEmits<{ needs: [needs: DietId[]] }>()

const waiting = computed(() => waits(props.assessment))
const word = (id: string) => props.library.allergens[id] ?? id.replaceAll('_', ' ')
const breaking = computed(() => new Map(props.assessment.diet_breaks.map((each) => [each.diet, each.lines])))
const names = (lines: { line: string }[]) => [...new Set(lines.map((each) => each.line))].join('; ')

function tick(diet: string, needed: boolean) {
  emit(
    'needs',
    props.library.diets.filter((each) => (each === diet ? needed : props.needs.includes(each))),
  )
}
const lists = computed(() => [
  { name: 'US nine', ids: props.assessment.allergens_us },
  { name: 'EU fourteen', ids: props.assessment.allergens_eu },
])
const apart = computed(() =>
  props.assessment.allergens.filter(
    (id) => !props.assessment.allergens_us.includes(id) && !props.assessment.allergens_eu.includes(id),
  ),
)
</script>

<template>
  <section class="eaters" aria-labelledby="eaters-title">
    <h2 id="eaters-title">Who can eat it</h2>
    <p class="said">
      <span class="quiet">Suits</span>
      {{ waiting ? 'not known until every line is read' : assessment.diets.join(', ') || 'no diet on the list' }}
    </p>
    <details>
      <summary>Diets, by line <span class="quiet">· tick what the eaters need</span></summary>
      <ul class="diets">
        <li v-for="diet in library.diets" :key="diet">
          <label
            ><input
              type="checkbox"
              :checked="needs.includes(diet)"
              @change="tick(diet, ($event.target as HTMLInputElement).checked)"
            />
            {{ diet }}</label
          >
          <span class="quiet">{{
            breaking.has(diet) ? `broken by ${names(breaking.get(diet)!)}` : waiting ? 'not known yet' : 'kept'
          }}</span>
        </li>
      </ul>
    </details>
    <p class="said">
      <span class="quiet">Allergens</span> {{ assessment.allergens.map(word).join(', ') || 'none known' }}
    </p>
    <p v-if="assessment.possible_allergens?.length" class="said" data-possible>
      <span class="quiet">May also hold, by what the words can mean</span>
      {{ assessment.possible_allergens.map(word).join(', ') }}
    </p>
    <p v-if="assessment.traces.length" class="said">
      <span class="quiet">Traces, from the packs</span> {{ assessment.traces.map(word).join(', ') }}
    </p>
    <details v-if="assessment.allergens.length">
      <summary>Allergens, by line</summary>
      <ul class="by-line">
        <li v-for="each in assessment.allergen_lines" :key="each.allergen">
          {{ word(each.allergen) }} <span class="quiet">{{ names(each.lines) }}</span>
        </li>
      </ul>
      <p v-for="list in lists" :key="list.name" class="quiet small">
        Of the {{ list.name }}: {{ list.ids.map(word).join(', ') || 'none' }}
      </p>
      <p v-if="apart.length" class="quiet small">Named apart: {{ apart.map(word).join(', ') }}</p>
      <p class="quiet small">Worked out from the names you type: read the packs too.</p>
    </details>
  </section>
</template>

<style scoped>
.eaters {
  margin-top: 14px;
  border-top: 1px solid var(--bran);
  padding-top: 10px;
}
.said {
  margin-top: 6px;
}
.small {
  font-size: 0.875rem;
}
summary {
  cursor: pointer;
  padding: 5px 0;
}
.diets li {
  display: grid;
  grid-template-columns: 1fr;
  padding: 3px 0;
}
.diets label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 28px;
}
.diets input {
  width: 18px;
  height: 18px;
}
.diets .quiet {
  padding-left: 26px;
  font-size: 0.875rem;
}
.by-line li {
  padding: 2px 0;
}
@media (pointer: coarse) {
  .diets label {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
/** How large a batch: times, pieces of so many grams, or grams in all. It shows every line in spoons that exist before it is taken. */
import { computed, ref, shallowRef, watch } from 'vue'
import { api, unwrap, type Pieces, type Scaling } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { DEBOUNCE } from '@/composables/useAssessment'
import { useLibrary } from '@/composables/useLibrary'
import { figure } from '@/format'
import SwitchButtons from './SwitchButtons.vue'

const props = defineProps<{ document: FormulaDocument; pieces?: Pieces; grams?: number }>()
const emit = defineEmits<{ take: [document: FormulaDocument, factor: string] }>()
const visible = defineModel<boolean>('visible', { required: true })

type Way = 'factor' | 'pieces' | 'grams'
const WAYS = [
  { id: 'factor', word: 'times' },
  { id: 'pieces', word: 'pieces' },
  { id: 'grams', word: 'grams in all' },
] as const
const FACTORS = ['1/2', '3/4', '1 1/2', '2', '3', '4', '5', '10']
const way = ref<Way>('factor')
const factor = ref('2')
const library = useLibrary()
const count = ref<number>()
const each = ref<number>()
const whole = ref<number>()
const answer = shallowRef<Scaling>()
const error = ref<string>()

watch(visible, (open) => {
  if (!open) return
  // What it comes to now; where that is not known, what is usual.
  const usual = (figure: 'count' | 'piece_grams') =>
    library.value?.shapes[0]?.ways.find((way) => way.figure === figure)?.usual
  count.value = props.pieces?.count ?? usual('count')
  each.value = Number(props.pieces?.piece_grams.toFixed(1) ?? usual('piece_grams'))
  whole.value = Math.round(props.grams || (library.value?.usual_grams.batch ?? 0))
})
const wanted = computed(() => {
  if (way.value === 'factor') return { factor: factor.value }
  return way.value === 'pieces' ? { pieces: count.value, piece_grams: each.value } : { grams: whole.value }
})
let timer: ReturnType<typeof setTimeout> | undefined
let asked = 0
watch([visible, wanted, () => props.document], () => {
  clearTimeout(timer)
  if (visible.value) timer = setTimeout(ask, DEBOUNCE)
})
async function ask() {
  const mine = (asked += 1)
  try {
    const body = { document: props.document, ...wanted.value }
    const scaled = await unwrap(api.POST('/api/scaling', { body }))
    if (mine !== asked) return
    answer.value = scaled
    error.value = undefined
  } catch (failure) {
    if (mine !== asked) return
    answer.value = undefined
    error.value = (failure as Error).message
  }
}
const signed = (pct: number) => (Math.abs(pct) < 0.05 ? 'exact' : `${pct > 0 ? '+' : '−'}${figure(Math.abs(pct), 1)} %`)
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    header="How large a batch"
    :style="{ width: 'min(720px, 94vw)' }"
    :dismissable-mask="true"
  >
    <div class="ways">
      <SwitchButtons v-model="way" :choices="WAYS" label="Scale by" />
      <template v-if="way === 'factor'">
        <label class="screen-reader" for="scale-factor">Times as large</label>
        <input id="scale-factor" v-model="factor" class="plain-field number" maxlength="12" autofocus />
        <button v-for="one in FACTORS" :key="one" type="button" class="link-button" @click="factor = one">
          × {{ one }}
        </button>
      </template>
      <template v-else-if="way === 'pieces'">
        <input v-model.number="count" type="number" min="1" class="plain-field number" aria-label="How many pieces" />
        pieces of
        <input
          v-model.number="each"
          type="number"
          min="1"
          step="any"
          class="plain-field number"
          aria-label="Grams of a piece"
        />
        g
      </template>
      <template v-else>
        <input
          v-model.number="whole"
          type="number"
          min="1"
          step="any"
          class="plain-field number"
          aria-label="Grams in all"
        />
        g
      </template>
    </div>
    <p v-if="error" class="wrong" role="alert">{{ error }}</p>
    <template v-else-if="answer">
      <p class="said" aria-live="polite">
        × {{ answer.factor }}: {{ figure(answer.grams_before, 0) }} g become {{ figure(answer.grams, 0) }} g<template
          v-if="answer.pieces"
          >, {{ answer.pieces }} pieces</template
        ><template v-if="answer.error_pct !== undefined && Math.abs(answer.error_pct) >= 0.005">
          ({{ signed(answer.error_pct) }} of what you asked)</template
        >.
      </p>
      <div class="scroll" tabindex="0" role="region" aria-label="The lines scaled">
        <table>
          <thead>
            <tr>
              <th scope="col">Now</th>
              <th scope="col">Then</th>
              <th scope="col">In your spoons</th>
              <th scope="col" class="right">g</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(line, at) in answer.lines" :key="at">
              <td>{{ line.was }}</td>
              <td>{{ line.text }}</td>
              <td>
                <template v-if="line.kitchen"
                  >{{ line.kitchen.text }} <span class="quiet">{{ signed(line.kitchen.error_pct) }}</span></template
                ><span v-else class="quiet">as written</span>
              </td>
              <td class="right figure">{{ line.grams === undefined ? '–' : figure(line.grams) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <details>
        <summary>What does not scale</summary>
        <ul>
          <li v-for="fixed in answer.not_scaled" :key="fixed.what">
            <strong>{{ fixed.what }}</strong> <span class="quiet">{{ fixed.why }}</span>
          </li>
        </ul>
      </details>
    </template>
    <div v-else class="skeleton" aria-hidden="true" />
    <div class="foot">
      <Button label="Cancel" severity="secondary" @click="visible = false" />
      <Button
        label="Use this size"
        :disabled="!answer || !!error"
        @click="emit('take', answer!.document, answer!.factor)"
      />
    </div>
  </Dialog>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
}
.number {
  width: 92px;
}
.said {
  margin: 12px 0 8px;
}
.scroll {
  max-height: 38vh;
  overflow: auto;
  border-top: 1px solid var(--bran);
  border-bottom: 1px solid var(--bran);
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--husk);
}
th,
td {
  padding: 5px 8px 5px 0;
  border-bottom: 1px solid var(--bran);
  vertical-align: top;
}
.right {
  text-align: right;
}
.wrong {
  color: var(--berry);
  margin: 12px 0;
}
summary {
  cursor: pointer;
  padding: 8px 0 4px;
}
.foot {
  display: flex;
  justify-content: end;
  gap: 8px;
  margin-top: 12px;
}
.skeleton {
  height: 160px;
  margin-top: 12px;
}
</style>

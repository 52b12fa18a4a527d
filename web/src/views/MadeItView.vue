<script setup lang="ts">
/** Made it: one form, one batch. What was really weighed, what was added in the bowl, how it came out. */
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap, type TextureId } from '@/api/client'
import FormulaHeader from '@/components/frame/FormulaHeader.vue'
import { useAssessment } from '@/composables/useAssessment'
import { useDraft } from '@/composables/useDraft'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { useShortcuts } from '@/composables/useShortcuts'
import TextureGlyph from '@/drawings/TextureGlyph.vue'
import { figure } from '@/format'

const formulaId = Number(useRoute().params.id)
const router = useRouter()
const draft = useDraft(formulaId)
const library = useLibrary()
draft.load()
const { assessment } = useAssessment(computed(() => (draft.loaded.value ? draft.document.value : undefined)))

interface Row {
  component: string
  text: string
  planned?: number
  actual: string
}
const rows = ref<Row[]>([])
watch(assessment, (now) => {
  if (!now) return
  // What was typed for a line stays when the draft is judged again.
  const typed = new Map(
    rows.value.filter((row) => row.actual !== plain(row.planned)).map((row) => [row.text, row.actual]),
  )
  rows.value = now.components.flatMap((part) =>
    part.lines.map((line) => ({
      component: part.name,
      text: line.text ?? '',
      planned: line.grams,
      actual: typed.get(line.text ?? '') ?? plain(line.grams),
    })),
  )
})
const plain = (grams?: number) => (grams === undefined ? '' : String(Number(grams.toFixed(1))))
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
/** One key for this form: sent twice, it is still one batch. */
const clientKey = crypto.randomUUID()

function addAddition() {
  const text = form.addition.trim()
  if (!text) return
  form.additions.push(text)
  form.addition = ''
}
const number = (text: string) => (String(text).trim() === '' ? undefined : Number(text))
async function write() {
  addAddition()
  sending.value = true
  error.value = undefined
  try {
    const version = await draft.save()
    if (!version) throw new Error(draft.error.value)
    await unwrap(
      api.POST('/api/batches', {
        body: {
          client_key: clientKey,
          version_id: version.id,
          lines: rows.value.map((row) => ({
            component: row.component,
            text: row.text,
            planned_grams: row.planned,
            actual_grams: number(row.actual),
          })),
          additions: form.additions,
          texture: form.texture,
          pieces: number(form.pieces),
          minutes: number(form.minutes),
          note: form.note.trim() || undefined,
        },
      }),
    )
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
  <div v-if="draft.error.value && !draft.loaded.value" class="page">
    <h1>Not here</h1>
    <p>{{ draft.error.value }}</p>
  </div>
  <div v-else>
    <FormulaHeader
      :draft="draft"
      :formula-id="formulaId"
      :grams="assessment?.grams"
      :pieces="assessment?.pieces?.count"
    />
    <form class="made" @submit.prevent="write">
      <section class="panel slip" aria-labelledby="weighed">
        <h2 id="weighed">What went in</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col" class="right">Planned</th>
              <th scope="col" class="right">Actual, g</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, at) in rows" :key="at">
              <td>{{ row.text }}</td>
              <td class="right figure">{{ row.planned === undefined ? '–' : `${figure(row.planned, 1)} g` }}</td>
              <td class="right">
                <input
                  v-model="row.actual"
                  type="number"
                  min="0"
                  max="100000"
                  step="any"
                  inputmode="decimal"
                  class="grams"
                  :aria-label="`Actual grams of ${row.text}`"
                />
              </td>
            </tr>
            <tr v-for="(text, at) in form.additions" :key="`added-${at}`" class="added">
              <td colspan="2">+ {{ text }}</td>
              <td class="right">
                <button type="button" class="link-button" @click="form.additions.splice(at, 1)">Take out</button>
              </td>
            </tr>
          </tbody>
        </table>
        <div class="add">
          <InputText
            v-model="form.addition"
            maxlength="300"
            placeholder="Added in the bowl: 1 tsp water"
            aria-label="Added in the bowl"
            fluid
            @keydown.enter.prevent="addAddition"
          />
          <Button type="button" label="Add" severity="secondary" @click="addAddition" />
        </div>
      </section>
      <section class="outcome" aria-label="How it came out">
        <fieldset class="textures">
          <legend>How did it come out?</legend>
          <label
            v-for="(texture, digit) in library?.textures ?? []"
            :key="texture.id"
            class="texture"
            :class="{ chosen: form.texture === texture.id }"
          >
            <input v-model="form.texture" type="radio" name="texture" :value="texture.id" />
            <TextureGlyph :texture="texture.id" />
            <span>{{ texture.word }}</span><span class="quiet key" aria-hidden="true">{{ digit }}</span>
          </label>
        </fieldset>
        <p class="quiet squeeze">
          {{
            library?.textures.find((each) => each.id === form.texture)?.squeeze ??
            'Squeeze a pinch and choose. Digits 0 to 6 work too.'
          }}
        </p>
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
  </div>
</template>

<style scoped>
.made {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  padding: 20px 24px 40px;
  align-items: start;
}
.slip {
  padding: 14px 16px;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin: 8px 0;
}
th {
  text-align: left;
  font-weight: 400;
  color: var(--husk);
}
td,
th {
  padding: 6px 4px;
  border-bottom: 1px solid var(--bran);
}
.right {
  text-align: right;
}
.grams {
  width: 92px;
  text-align: right;
}
input[type='number'] {
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
  padding: 6px 8px;
  min-height: 36px;
}
.added td {
  color: var(--elm);
}
.add {
  display: flex;
  gap: 8px;
}
.textures {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 6px;
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-family: var(--heading);
  font-weight: 600;
  font-size: 1.125rem;
  margin-bottom: 8px;
  padding: 0;
}
.texture {
  display: grid;
  justify-items: center;
  padding: 8px 2px 6px;
  border: 1.5px solid var(--bran);
  border-radius: var(--radius);
  background: var(--milk);
  cursor: pointer;
  position: relative;
  font-size: 0.9375rem;
}
.texture input {
  position: absolute;
  opacity: 0;
}
.texture:focus-within {
  outline: 2px solid var(--elm);
  outline-offset: 2px;
}
.chosen {
  border-color: var(--elm);
  background: var(--elm-tint);
  font-weight: 700;
}
.key {
  font-size: 0.75rem;
}
.squeeze {
  margin: 8px 0 14px;
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
@media (max-width: 600px) {
  .textures {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
}
</style>

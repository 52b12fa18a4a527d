<script setup lang="ts">
/** The log: one row a batch, predicted beside seen, so that a miss is seen before it is read. */
import { refDebounced } from '@vueuse/core'
import { ref, watch } from 'vue'
import { api, reasonsOf, unwrap, type BatchSummary, type TextureId } from '@/api/client'
import SetAsideList from '@/components/frame/SetAsideList.vue'
import VirtualRows from '@/components/frame/VirtualRows.vue'
import LogEntry from '@/components/log/LogEntry.vue'
import { useLibrary } from '@/composables/useLibrary'
import { say } from '@/composables/useNotice'
import { usePages } from '@/composables/usePages'
import { fileName, saveFile } from '@/composables/saveFile'

/** Milliseconds that typing waits for the next letter; pixels that an entry is high, about. */
const TYPING = 200
const HEIGHT = 96
const library = useLibrary()
const asked = ref('')
const wanted = refDebounced(asked, TYPING)
const texture = ref<TextureId | ''>('')
const { rows, count, error, more, tryAgain } = usePages<BatchSummary>(
  (cursor) =>
    unwrap(
      api.GET('/api/batches', {
        params: { query: { q: wanted.value || undefined, texture: texture.value || undefined, cursor } },
      }),
    ),
  () => [wanted.value, texture.value],
)

/** What is stored and cannot be read stands above the log. */
const aside = ref<{ id: string; name: string; why: string }[]>([])
const lookAside = () =>
  unwrap(api.GET('/api/batches', { params: { query: { aside: 'only', limit: 100 } } }))
    .then(
      (page) =>
        (aside.value = page.rows.map((batch) => ({
          id: batch.batch,
          name: batch.formula_name,
          why: reasonsOf(batch.aside ?? []),
        }))),
    )
    .catch(() => undefined)
// Rows that are made again may turn out to be set aside.
watch(
  () => rows.value?.every((row) => !row.stale),
  (settled) => settled && lookAside(),
)
const path = (batch: string) => ({ params: { path: { batch } } })
async function saveAside(id: string) {
  try {
    const log = await unwrap(api.GET('/api/batches/{batch}/events', path(id)))
    saveFile(`${fileName(aside.value.find((each) => each.id === id)!.name)}-batch.json`, JSON.stringify(log, null, 2))
  } catch (failure) {
    say((failure as Error).message)
  }
}
async function dropAside(id: string) {
  try {
    await unwrap(api.DELETE('/api/batches/{batch}', path(id)))
    await lookAside()
    say('It is out of the log.', { word: 'Bring back', run: () => void bringBack(id) })
  } catch (failure) {
    say((failure as Error).message)
  }
}
async function bringBack(id: string) {
  await unwrap(api.POST('/api/batches/{batch}/restore', path(id))).catch((failure: Error) => say(failure.message))
  await lookAside()
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Log</h1>
      <label class="screen-reader" for="search">Search by formula, note or what was added</label>
      <InputText id="search" v-model="asked" placeholder="Formula, note or addition" class="search" />
      <label class="came"
        >Came out
        <select v-model="texture">
          <option value="">any way</option>
          <option v-for="each in library?.textures ?? []" :key="each.id" :value="each.id">{{ each.word }}</option>
        </select></label
      >
    </div>
    <SetAsideList :items="aside" @save="saveAside" @drop="dropAside" />
    <p class="quiet key">
      <svg viewBox="0 0 16 16" aria-hidden="true"><circle cx="8" cy="8" r="6" class="predicted" /></svg> predicted
      <svg viewBox="0 0 16 16" aria-hidden="true"><path d="M8 3l5 5-5 5-5-5z" class="seen" /></svg> seen, on the scale
      from loose to pours
    </p>
    <div v-if="!rows || !library" :class="{ skeleton: !error }" aria-hidden="true" />
    <p v-else-if="!rows.length && !wanted && !texture">
      Nothing is written down yet. Open a formula, make it, and fill in “Made it”.
    </p>
    <p v-else-if="!rows.length">No batch matches.</p>
    <VirtualRows
      v-else
      v-slot="{ row }"
      :rows="rows"
      :id="(batch) => batch.batch"
      :count="count"
      :height="HEIGHT"
      label="Batches, newest first"
      @end="more"
    >
      <LogEntry :batch="row" :textures="library.textures" />
    </VirtualRows>
    <p v-if="error" role="alert">
      {{ error }} <button type="button" class="link-button" @click="tryAgain">Try again</button>
    </p>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.search {
  margin-left: auto;
}
.came {
  display: flex;
  gap: 8px;
  align-items: center;
}
.came select {
  min-height: 40px;
  padding: 6px 10px;
  background: var(--milk);
  color: var(--ink);
  border: 1px solid var(--husk);
  border-radius: var(--radius-in);
}
@media (max-width: 600px) {
  .search {
    flex-basis: 100%;
  }
}
.key {
  margin: 6px 0 14px;
}
.key svg {
  width: 16px;
  height: 16px;
  vertical-align: -3px;
}
.predicted {
  fill: none;
  stroke: var(--elm);
  stroke-width: 2;
}
.seen {
  fill: var(--date);
}
</style>

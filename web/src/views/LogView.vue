<script setup lang="ts">
/** The log: one row a batch, predicted beside seen, so that a miss is seen before it is read. */
import { ref } from 'vue'
import { api, unwrap, type Batch } from '@/api/client'
import { useLibrary } from '@/composables/useLibrary'
import TextureScale from '@/drawings/TextureScale.vue'
import { count, figure, when } from '@/format'

const library = useLibrary()
const batches = ref<Batch[]>()
const error = ref<string>()
unwrap(api.GET('/api/batches'))
  .then((answer) => (batches.value = answer))
  .catch((failure: Error) => (error.value = failure.message))

const changed = (batch: Batch) =>
  batch.lines.filter(
    (line) =>
      line.actual_grams != null &&
      line.planned_grams != null &&
      Math.abs(line.actual_grams - line.planned_grams) >= 0.5,
  )
const signed = (value: number) => `${value > 0 ? '+' : '−'}${figure(Math.abs(value), 1)} g`
</script>

<template>
  <div class="page">
    <h1>Log</h1>
    <p class="quiet key">
      <svg viewBox="0 0 16 16" aria-hidden="true"><circle cx="8" cy="8" r="6" class="predicted" /></svg> predicted
      <svg viewBox="0 0 16 16" aria-hidden="true"><path d="M8 3l5 5-5 5-5-5z" class="seen" /></svg> seen, on the scale
      from loose to pours
    </p>
    <p v-if="error" role="alert">{{ error }}</p>
    <div v-else-if="!batches || !library" class="skeleton" aria-hidden="true" />
    <p v-else-if="!batches.length">Nothing is written down yet. Open a formula, make it, and fill in “Made it”.</p>
    <ul v-else class="rows">
      <li v-for="batch in batches" :key="batch.batch">
        <div class="what">
          <RouterLink :to="`/formulas/${batch.formula_id}/mix`">{{ batch.formula_name }}</RouterLink>
          <span class="quiet">{{ when(batch.made_at) }} · version {{ batch.version_number }}</span>
        </div>
        <div>
          <TextureScale :predicted="batch.predicted.texture" :seen="batch.texture" :textures="library.textures" />
          <span class="quiet"
            >{{ batch.predicted.texture ?? 'not judged' }} → <strong>{{ batch.texture ?? 'not said' }}</strong></span
          >
        </div>
        <div class="figures quiet">
          <span v-if="batch.trial_pieces">trial of {{ batch.trial_pieces }}</span>
          <span v-if="batch.pieces !== undefined">{{ count(batch.pieces, 'piece') }}</span>
          <span v-if="batch.minutes !== undefined">{{ batch.minutes }} min</span>
        </div>
        <div class="told">
          <p v-for="(addition, at) in batch.additions" :key="at" class="added">
            + {{ addition.text }}<span v-if="addition.grams" class="quiet"> ({{ figure(addition.grams, 1) }} g)</span>
          </p>
          <p v-for="line in changed(batch)" :key="line.line ?? line.text" class="quiet">
            {{ line.text }}: {{ signed(line.actual_grams! - line.planned_grams!) }}
          </p>
          <p>{{ batch.note }}</p>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
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
.rows li {
  display: grid;
  grid-template-columns: minmax(0, 4fr) 190px 90px minmax(0, 5fr);
  gap: 16px;
  padding: 12px 0;
  border-top: 1px solid var(--bran);
}
.what,
.figures {
  display: grid;
  align-content: start;
}
.added {
  color: var(--elm);
}
@media (max-width: 900px) {
  .rows li {
    grid-template-columns: minmax(0, 1fr) 190px;
    gap: 4px 16px;
  }
  .rows .figures {
    display: flex;
    gap: 12px;
  }
  .rows .figures,
  .rows .told {
    grid-column: 1 / -1;
  }
}
@media (max-width: 500px) {
  .rows li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

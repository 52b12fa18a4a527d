<script setup lang="ts">
/** The Counter: where the day starts. The last formulas, the last batches, and a way to begin. */
import { ref } from 'vue'
import { api, unwrap, type BatchSummary, type FormulaSummary } from '@/api/client'
import ShelfCup from '@/components/shelf/ShelfCup.vue'
import { useLibrary } from '@/composables/useLibrary'
import { useStartFormula } from '@/composables/useStartFormula'
import { when } from '@/format'

/** So many of each are shown. */
const FORMULAS = 5
const BATCHES = 4
/** What runs is among the latest of so many. */
const LATEST = 20
const library = useLibrary()
const formulas = ref<FormulaSummary[]>()
const batches = ref<BatchSummary[]>()
const running = ref<BatchSummary[]>([])
const error = ref<string>()
const { start, starting } = useStartFormula()

Promise.all([
  unwrap(api.GET('/api/formulas', { params: { query: { order: '-changed', limit: FORMULAS } } })),
  unwrap(api.GET('/api/batches', { params: { query: { limit: LATEST } } })),
])
  .then(([shelf, log]) => {
    formulas.value = shelf.rows
    running.value = log.rows.filter((batch) => batch.running)
    batches.value = log.rows.filter((batch) => !batch.running).slice(0, BATCHES)
  })
  .catch((failure: Error) => (error.value = failure.message))
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Counter</h1>
      <span class="ways">
        <RouterLink to="/plans">Plans</RouterLink>
        <RouterLink to="/bowl">A bowl in trouble</RouterLink>
        <RouterLink to="/cupboard">What I have</RouterLink>
        <Button label="New formula" :loading="starting" @click="start" />
      </span>
    </div>
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-else-if="formulas && batches && library">
      <section v-if="running.length" aria-labelledby="running">
        <h2 id="running">On the counter now</h2>
        <ul class="made" data-running>
          <li v-for="batch in running" :key="batch.batch">
            <RouterLink :to="`/make/${batch.batch}`">Go on with {{ batch.formula_name }}</RouterLink>
            <span class="quiet">begun {{ when(batch.made_at) }}</span>
          </li>
        </ul>
      </section>
      <section aria-labelledby="recent">
        <h2 id="recent">Recently opened</h2>
        <ul v-if="formulas.length" class="shelf">
          <li v-for="formula in formulas" :key="formula.id"><ShelfCup :formula="formula" :library="library" /></li>
        </ul>
        <p v-else class="teach">
          Nothing yet. <button type="button" class="link-button" @click="start">Start a formula</button>: type what goes
          into the bowl, a line at a time, and see at once whether it will bind.
        </p>
      </section>
      <section aria-labelledby="made">
        <h2 id="made">Last made</h2>
        <ul v-if="batches.length" class="made">
          <li v-for="batch in batches" :key="batch.batch">
            <RouterLink :to="`/formulas/${batch.formula_id}/mix`">{{ batch.formula_name }}</RouterLink>
            <span class="quiet">{{ when(batch.made_at) }}</span>
            <span
              ><template v-if="batch.trial_pieces">trial of {{ batch.trial_pieces }}, </template
              >{{ batch.texture ? `came out: ${batch.texture}` : 'texture not said' }}</span
            >
            <span class="quiet note">{{ batch.note }}</span>
          </li>
        </ul>
        <p v-else class="teach">
          When you have made a bowl, write it down under “Made it”: next time the log knows what you did.
        </p>
      </section>
    </template>
    <div v-else class="skeleton" aria-hidden="true" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 20px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}
section {
  margin-bottom: 32px;
}
h2 {
  margin-bottom: 14px;
}
.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(158px, 1fr));
}
.shelf li {
  display: grid;
}
.made li {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr) minmax(0, 2fr) minmax(0, 5fr);
  gap: 12px;
  padding: 9px 0;
  border-top: 1px solid var(--bran);
}
@media (max-width: 700px) {
  .made li {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>

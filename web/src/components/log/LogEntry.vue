<script setup lang="ts">
/** One batch in the log: predicted beside seen, what was added, what was weighed otherwise than planned. */
import type { BatchSummary, Library } from '@/api/client'
import TextureScale from '@/drawings/TextureScale.vue'
import { count, figure, when } from '@/format'

defineProps<{ batch: BatchSummary; textures: Library['textures'] }>()
const signed = (grams: number) => `${grams > 0 ? '+' : '−'}${figure(Math.abs(grams), 1)} g`
</script>

<template>
  <div class="entry">
    <div class="what">
      <RouterLink :to="`/formulas/${batch.formula_id}/mix`">{{ batch.formula_name }}</RouterLink>
      <span class="quiet">{{ when(batch.made_at) }} · version {{ batch.version_number }}</span>
    </div>
    <div>
      <TextureScale :predicted="batch.predicted.texture" :seen="batch.texture" :textures="textures" />
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
      <p v-if="batch.told.additions > batch.additions.length" class="quiet">
        and {{ batch.told.additions - batch.additions.length }} more additions
      </p>
      <p v-for="(line, at) in batch.changes" :key="at" class="quiet">{{ line.text }}: {{ signed(line.grams) }}</p>
      <p v-if="batch.told.changes > batch.changes.length" class="quiet">
        and {{ batch.told.changes - batch.changes.length }} more lines weighed otherwise
      </p>
      <p>{{ batch.note }}</p>
    </div>
  </div>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: minmax(0, 4fr) 190px 90px minmax(0, 5fr);
  gap: 16px;
  padding: 12px 0;
  border-top: 1px solid var(--bran);
  overflow-wrap: anywhere;
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
  .entry {
    grid-template-columns: minmax(0, 1fr) 190px;
    gap: 4px 16px;
  }
  .entry .figures {
    display: flex;
    gap: 12px;
  }
  .entry .figures,
  .entry .told {
    grid-column: 1 / -1;
  }
}
@media (max-width: 500px) {
  .entry {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

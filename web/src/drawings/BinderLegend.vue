<script setup lang="ts">
/** The strata of the Cup in words: what each kind of binder offers, in mL. */
import { computed } from 'vue'
import type { Split } from '@/api/client'
import { figure } from '@/format'
import { BINDERS } from './cupGeometry'

const props = defineProps<{ split: Split; demandMl: number }>()
const rows = computed(() => [
  ...BINDERS.filter((kind) => props.split[kind] > 0.05).map((kind) => ({
    kind: kind as string,
    ml: props.split[kind],
  })),
  ...(props.split.masked && props.split.masked < -0.05 ? [{ kind: 'masked by oil', ml: props.split.masked }] : []),
])
</script>

<template>
  <dl class="legend">
    <div v-for="row in rows" :key="row.kind">
      <dt><span class="swatch" :class="row.kind.split(' ')[0]" aria-hidden="true" />{{ row.kind }}</dt>
      <dd class="figure">{{ row.ml < 0 ? '−' : '' }}{{ figure(Math.abs(row.ml)) }} mL</dd>
    </div>
    <div class="takes">
      <dt><span class="swatch dry" aria-hidden="true" />dry side takes</dt>
      <dd class="figure">{{ figure(demandMl) }} mL</dd>
    </div>
  </dl>
</template>

<style scoped>
.legend {
  margin: 0;
  font-size: 0.9375rem;
}
.legend div {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 2px 0;
}
.legend dd {
  margin: 0;
}
.takes {
  border-top: 1px solid var(--bran);
  margin-top: 2px;
}
.swatch {
  display: inline-block;
  width: 12px;
  height: 12px;
  border-radius: 3px;
  margin-right: 8px;
  vertical-align: -1px;
}
.water {
  background: var(--frost);
}
.syrup {
  background: var(--syrup);
}
.pulp {
  background: var(--date);
  border-radius: 6px;
}
.fat {
  background: var(--butter);
}
.masked {
  border: 1px dashed var(--husk);
}
.dry {
  height: 0;
  border-radius: 0;
  border-top: 2px dashed var(--date);
  vertical-align: 4px;
}
</style>

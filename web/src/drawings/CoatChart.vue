<script setup lang="ts">
/** How much coat the same dough wants in pieces of other sizes: grams as bars, the share of a piece beside them. */
import { computed } from 'vue'
import type { CoatCard } from '@/api/client'

const props = defineProps<{ points: CoatCard['size_chart'] }>()
const most = computed(() => Math.max(...props.points.map((point) => point.coat_grams), 1))
const heard = computed(() =>
  props.points
    .map((point) => `${point.piece_grams} g: ${point.coat_grams} g of coat, ${point.share_pct} % of a piece`)
    .join('; '),
)
</script>

<template>
  <figure class="chart">
    <figcaption>Coat against the size of a piece</figcaption>
    <div role="img" :aria-label="heard" class="rows" data-coat-chart>
      <div v-for="point in points" :key="point.piece_grams" class="row" :class="{ now: point.now }" aria-hidden="true">
        <span class="figure size">{{ Math.round(point.piece_grams * 10) / 10 }} g</span>
        <span class="bar"><span :style="{ width: `${(100 * point.coat_grams) / most}%` }" /></span>
        <span class="figure grams">{{ point.coat_grams }} g</span>
        <span class="figure share">{{ point.share_pct }} %</span>
      </div>
    </div>
    <p class="quiet small">Grams of coat in all, and its share of a piece. The bold row is how it is now.</p>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
}
figcaption {
  font-family: var(--heading);
  font-weight: 600;
  margin-bottom: 4px;
}
.row {
  display: grid;
  grid-template-columns: 44px 1fr 46px 40px;
  gap: 8px;
  align-items: center;
  font-size: 0.875rem;
  line-height: 1.35;
}
.size,
.grams,
.share {
  text-align: right;
}
.bar {
  height: 9px;
  background: var(--oat);
  border-radius: 3px;
}
.bar span {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: color-mix(in srgb, var(--date) 45%, var(--milk));
}
.now {
  font-weight: 700;
}
.now .bar span {
  background: var(--date);
}
.small {
  font-size: 0.8125rem;
  margin-top: 4px;
}
</style>

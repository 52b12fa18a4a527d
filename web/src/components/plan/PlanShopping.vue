<script setup lang="ts">
/** What to buy: what the formulas need, less what there is, in packs and money. */
import type { Plan } from '@/api/client'
import { money } from '@/format'

defineProps<{ shopping: Plan['shopping'] }>()
</script>

<template>
  <section aria-labelledby="shopping-title" class="shopping" data-shopping>
    <h2 id="shopping-title">
      To buy
      <span v-if="shopping.cost !== undefined && shopping.currency" class="quiet"
        >about {{ money(shopping.cost, shopping.currency)
        }}<template v-if="shopping.unpriced.length"> and what has no price yet</template></span
      >
    </h2>
    <ul v-if="shopping.buy.length" class="items">
      <li v-for="item in shopping.buy" :key="item.ingredient">
        <span>{{ item.text }}</span>
        <span v-if="item.cost !== undefined && shopping.currency" class="figure quiet">{{
          money(item.cost, shopping.currency)
        }}</span>
      </li>
    </ul>
    <p v-else class="quiet">Nothing.</p>
    <template v-if="shopping.check.length">
      <h3>You have these: look whether there is enough</h3>
      <ul class="items">
        <li v-for="item in shopping.check" :key="item.ingredient">{{ item.text }}</li>
      </ul>
    </template>
    <p v-if="shopping.unread.length" class="fault">
      Not counted, since they cannot be read: {{ shopping.unread.join('; ') }}.
    </p>
    <p class="quiet">
      What you have is ticked under <RouterLink to="/cupboard">What I have</RouterLink>; packs and prices stand in
      <RouterLink to="/pantry">Pantry</RouterLink>.
    </p>
  </section>
</template>

<style scoped>
.shopping {
  display: grid;
  gap: 6px;
}
h3 {
  font-size: 0.9375rem;
}
.items {
  columns: 280px;
  column-gap: 28px;
}
.items li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  font-size: 0.9375rem;
  padding: 2px 0;
  break-inside: avoid;
  border-top: 1px solid var(--bran);
}
.fault {
  color: var(--berry);
}
@media print {
  .items {
    columns: 4;
  }
  .items li {
    font-size: 8.5pt;
    line-height: 1.2;
    padding: 0;
  }
  .shopping > .quiet {
    display: none;
  }
}
</style>

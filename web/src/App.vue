<script setup lang="ts">
import NoticeBar from './components/frame/NoticeBar.vue'
import SideRail from './components/frame/SideRail.vue'
import { useStorageHealth } from './composables/useStorageHealth'

useStorageHealth()
</script>

<template>
  <a class="skip" href="#main">To the content</a>
  <div class="frame" :class="{ whole: $route.meta.whole }">
    <SideRail v-if="!$route.meta.whole" />
    <main id="main" tabindex="-1">
      <RouterView v-slot="{ Component, route }">
        <component :is="Component" :key="String(route.params.id ?? route.path)" />
      </RouterView>
    </main>
  </div>
  <NoticeBar />
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  min-height: 100vh;
}
.whole {
  grid-template-columns: minmax(0, 1fr);
}
main {
  min-width: 0;
  outline: none;
}
.skip {
  position: absolute;
  left: -999px;
  top: 8px;
  background: var(--milk);
  padding: 8px 12px;
  z-index: 10;
}
.skip:focus {
  left: 8px;
}
@media (max-width: 600px) {
  .frame {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr) auto;
  }
}
/* On paper there is nothing to press. */
@media print {
  :global(body) {
    background: none;
  }
  .frame {
    display: block;
    min-height: 0;
  }
  .frame > :deep(nav),
  .skip {
    display: none;
  }
}
</style>

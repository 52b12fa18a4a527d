<script setup lang="ts">
/** The slim rail: the screens that are built, and light or dark. */
import { computed } from 'vue'
import { scheme, type Scheme } from '@/theme/scheme'

const places = [
  { to: '/', word: 'Counter', drawing: 'M3 17h18M5 17v4M19 17v4M8 13h8l1-5H7z' },
  {
    to: '/formulas',
    word: 'Formulas',
    drawing: 'M2.5 19h19M4 9l1.2 10h4.6L11 9M4.6 14h5.8M13 9l1.2 10h4.6L20 9M13.3 11.5h6.4',
  },
  { to: '/plans', word: 'Plans', drawing: 'M4 6h9M8 12h12M4 18h7M13 4v16' },
  {
    to: '/pantry',
    word: 'Pantry',
    drawing: 'M4 6h16M4 13h16M4 20h16M7 6V3h4v3M14 13V9h4v4M6 13v-2.500h4V13M9 20v-4h4v4',
  },
  {
    to: '/cupboard',
    word: 'What I have',
    drawing: 'M4 3h16v18H4zM12 3v18M4 12h16M9.500 7.500h.01M14.500 7.500h.01M9.500 16h.01M14.500 16h.01',
  },
  {
    to: '/kitchen',
    word: 'Kitchen',
    drawing: 'M4 9h16v9a2 2 0 0 1-2 2H6a2 2 0 0 1-2-2zM2 9h20M9 9V5h6v4M8 13v3M16 13v3',
  },
  { to: '/log', word: 'Log', drawing: 'M5 4h14v16H5zM8 9h8M8 13h8M8 17h4' },
]
const NEXT: Record<Scheme, Scheme> = { device: 'light', light: 'dark', dark: 'device' }
const WORDS: Record<Scheme, string> = { device: 'As device', light: 'Light', dark: 'Dark' }
const word = computed(() => WORDS[scheme.value])
</script>

<template>
  <nav class="rail" aria-label="Screens">
    <RouterLink
      v-for="place in places"
      :key="place.to"
      :to="place.to"
      class="place"
      :class="{ here: place.to !== '/' && $route.path.startsWith(place.to) }"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="place.drawing" /></svg>
      {{ place.word }}
    </RouterLink>
    <button class="place scheme" type="button" :aria-label="`Colours: ${word}. Change`" @click="scheme = NEXT[scheme]">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M12 4a8 8 0 1 0 0 16zM12 4a8 8 0 0 1 0 16" /></svg>
      {{ word }}
    </button>
  </nav>
</template>

<style scoped>
.rail {
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding: 16px 8px;
  border-right: 1px solid var(--bran);
  position: sticky;
  top: 0;
  height: 100vh;
}
.place {
  display: grid;
  justify-items: center;
  gap: 2px;
  padding: 10px 2px;
  border: 0;
  border-radius: var(--radius);
  background: none;
  color: var(--husk);
  text-decoration: none;
  font-size: 0.8125rem;
  text-align: center;
  cursor: pointer;
}
.place svg {
  width: 26px;
  height: 26px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.place:hover {
  background: var(--milk);
}
.place.router-link-exact-active,
.place.here {
  color: var(--elm);
  background: var(--elm-tint);
}
.scheme {
  margin-top: auto;
}
@media (max-width: 600px) {
  .rail {
    order: 2;
    flex-direction: row;
    position: sticky;
    bottom: 0;
    top: auto;
    height: auto;
    border-right: 0;
    border-top: 1px solid var(--bran);
    /* Over what scrolls beneath it, under what opens over everything. */
    z-index: 2;
    background: var(--oat);
    padding: 4px 8px;
    justify-content: space-around;
  }
  .scheme {
    margin-top: 0;
  }
}
</style>

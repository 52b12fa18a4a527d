<script setup lang="ts">
/** The seven textures as seven small drawings, loose to pours, picked by touch, by arrow keys or by the digits 0 to 6. */
import { computed } from 'vue'
import type { Library, TextureId } from '@/api/client'
import TextureGlyph from '@/drawings/TextureGlyph.vue'

const props = withDefaults(defineProps<{ textures: Library['textures']; question?: string }>(), {
  question: 'How did it come out?',
})
const chosen = defineModel<TextureId>()
const squeeze = computed(() => props.textures.find((each) => each.id === chosen.value)?.squeeze)
</script>

<template>
  <fieldset class="textures">
    <legend>{{ question }}</legend>
    <label
      v-for="(texture, digit) in textures"
      :key="texture.id"
      class="texture"
      :class="{ chosen: chosen === texture.id }"
    >
      <input v-model="chosen" type="radio" name="texture" :value="texture.id" />
      <TextureGlyph :texture="texture.id" />
      <span>{{ texture.word }}</span><span class="quiet key" aria-hidden="true">{{ digit }}</span>
    </label>
  </fieldset>
  <p class="quiet squeeze">{{ squeeze ?? 'Squeeze a pinch and choose. Digits 0 to 6 work too.' }}</p>
</template>

<style scoped>
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
@media (max-width: 600px) {
  .textures {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
}
</style>

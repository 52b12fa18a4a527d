<script setup lang="ts">
/** Every key of the view, in words. */
import type { Shortcut } from '@/composables/useShortcuts'

defineProps<{ shortcuts: Shortcut[] }>()
const visible = defineModel<boolean>('visible', { required: true })
const shown = (keys: string) =>
  keys
    .replace('ctrl', 'Ctrl')
    .replace('alt', 'Alt')
    .replace('shift', 'Shift')
    .replace('ArrowUp', '↑')
    .replace('ArrowDown', '↓')
    .replace('ArrowLeft', '←')
    .replace('ArrowRight', '→')
    .replaceAll('+', ' + ')
</script>

<template>
  <Dialog v-model:visible="visible" modal header="Keys" :style="{ width: 'min(460px, 94vw)' }" :dismissable-mask="true">
    <dl class="keys">
      <div>
        <dt>Enter</dt>
        <dd>Add the line, or keep the change</dd>
      </div>
      <div>
        <dt>Esc</dt>
        <dd>Leave it as it was</dd>
      </div>
      <div v-for="each in shortcuts" :key="each.keys">
        <dt>{{ shown(each.keys) }}</dt>
        <dd>{{ each.what }}</dd>
      </div>
    </dl>
  </Dialog>
</template>

<style scoped>
.keys div {
  display: grid;
  grid-template-columns: 130px 1fr;
  padding: 5px 0;
  border-top: 1px solid var(--bran);
}
dt {
  font-weight: 600;
}
dd {
  margin: 0;
}
</style>

<script setup lang="ts">
import { notice } from '@/composables/useNotice'

async function act() {
  const action = notice.value?.action
  notice.value = undefined
  await action?.run()
}
</script>

<template>
  <div aria-live="polite" class="place">
    <div v-if="notice" class="notice">
      <span>{{ notice.text }}</span>
      <Button v-if="notice.action" :label="notice.action.word" size="small" @click="act" />
      <button class="link-button" type="button" @click="notice = undefined">Close</button>
    </div>
  </div>
</template>

<style scoped>
.place {
  position: fixed;
  left: 50%;
  bottom: 20px;
  transform: translateX(-50%);
  z-index: 20;
  width: max-content;
  max-width: 92vw;
}
.notice {
  display: flex;
  align-items: center;
  gap: 12px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: var(--radius);
  padding: 10px 16px;
}
.notice button {
  flex: none;
}
</style>

<script setup lang="ts">
/** What must be known of the draft before anything else: that it is an older one, that it was not kept, that it cannot be judged. */
import type { Draft } from '@/composables/useDraft'

defineProps<{
  draft: Draft
  /** Why it cannot be judged. */
  error?: string
}>()
defineEmits<{ again: [] }>()
</script>

<template>
  <p v-if="draft.elsewhere.value" class="banner wrong" role="alert">
    This formula was changed on another device, too. Nothing is lost: what you do not keep now, Undo brings back.
    <button class="link-button" type="button" @click="draft.keepMine()">Keep what is here</button>
    <button class="link-button" type="button" @click="draft.takeTheirs()">Take what is there</button>
  </p>
  <p v-if="draft.away.value" class="banner" role="status">
    The kitchen server does not answer. What you type is kept in this browser and sent when it runs again.
  </p>
  <p v-if="draft.restored.value" class="banner">
    This is your unsaved draft from before. Save makes it a version; Undo takes it back step by step.
    <template v-if="draft.overtakenBy.value">
      Meanwhile version {{ draft.overtakenBy.value }} was saved elsewhere: open it from Versions, and Undo brings this
      draft back.
    </template>
  </p>
  <p v-if="draft.error.value && draft.error.value !== error" class="banner wrong" role="alert">
    {{ draft.error.value }}
  </p>
  <p v-if="error" class="banner wrong" role="alert">
    {{ error }} <button class="link-button" type="button" @click="$emit('again')">Try again</button>
  </p>
</template>

<style scoped>
.banner {
  padding: 8px 24px;
  background: var(--elm-tint);
}
.wrong {
  background: var(--date-tint);
}
</style>

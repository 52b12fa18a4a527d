<script setup lang="ts">
/** What must be known of the draft before anything else: that it is an older one, that it was not kept, that it cannot be judged. */
defineProps<{
  /** It was changed on another device, too, and the cook must say which of both stays. */
  elsewhere: boolean
  /** The server does not answer. */
  away: boolean
  /** It is the draft of an earlier visit; the number of a version that was saved elsewhere since. */
  restored: boolean
  overtakenBy?: number
  /** Why it was not kept. */
  unkept?: string
  /** Why it cannot be judged. */
  error?: string
}>()
defineEmits<{ keepMine: []; takeTheirs: []; again: [] }>()
</script>

<template>
  <p v-if="elsewhere" class="banner wrong" role="alert">
    This formula was changed on another device, too. Nothing is lost: what you do not keep now, Undo brings back.
    <button class="link-button" type="button" @click="$emit('keepMine')">Keep this one</button>
    <button class="link-button" type="button" @click="$emit('takeTheirs')">Take the other one</button>
  </p>
  <p v-if="away" class="banner" role="status">
    The kitchen server does not answer. What you type is kept in this browser and sent when it runs again.
  </p>
  <p v-if="restored" class="banner">
    This is your unsaved draft from before. Save makes it a version; Undo takes it back step by step.
    <template v-if="overtakenBy">
      Meanwhile version {{ overtakenBy }} was saved elsewhere: open it from Versions, and Undo brings this draft back.
    </template>
  </p>
  <p v-if="unkept && unkept !== error" class="banner wrong" role="alert">
    {{ unkept }}
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

<script setup lang="ts">
/** The steps as they came with an imported recipe. */
defineProps<{ notes: string[] }>()
</script>

<template>
  <details class="method">
    <summary>The method, as imported</summary>
    <ol>
      <li v-for="(note, at) in notes" :key="at">{{ note }}</li>
    </ol>
  </details>
</template>

<style scoped>
.method {
  margin-top: 14px;
  border-top: 1px solid var(--bran);
  padding-top: 8px;
}
summary {
  cursor: pointer;
}
ol {
  list-style: decimal;
  padding-left: 22px;
}
li {
  padding: 3px 0;
}
</style>

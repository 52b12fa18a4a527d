<script setup lang="ts">
/** What is stored and this version cannot read: named with its reason, to be saved as a file or taken out. */
defineProps<{ items: { id: string; name: string; why: string }[] }>()
defineEmits<{ save: [id: string]; drop: [id: string] }>()
</script>

<template>
  <section v-if="items.length" class="aside" aria-labelledby="aside-title">
    <h2 id="aside-title">Set aside</h2>
    <p class="quiet">
      This version of Elm Cup cannot read these. Nothing of them is changed, and everything else works.
    </p>
    <ul>
      <li v-for="each in items" :key="each.id" :data-aside="each.id">
        <strong>{{ each.name }}</strong> <span class="quiet">{{ each.why }}</span>
        <button
          type="button"
          class="link-button"
          :aria-label="`Save it as a file: ${each.name}`"
          @click="$emit('save', each.id)"
        >
          Save it as a file
        </button>
        <button
          type="button"
          class="link-button"
          :aria-label="`Take it out: ${each.name}`"
          @click="$emit('drop', each.id)"
        >
          Take it out
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.aside {
  margin: 14px 0;
  padding: 10px 14px;
  background: var(--date-tint);
  border-radius: var(--radius);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 10px;
  padding: 4px 0;
}
</style>

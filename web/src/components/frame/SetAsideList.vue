<script setup lang="ts">
/** What is stored and this version cannot read: named with its reason, to be mended, saved as a file or taken out. */
import { ref } from 'vue'
import MendDialog from './MendDialog.vue'
import { say } from '@/composables/useNotice'

interface Item {
  id: string
  name: string
  why: string
}
const props = defineProps<{
  items: Item[]
  /** How it can be mended: what is stored, and keeping what was made of it. Nothing where it cannot be. */
  mend?: { read: (id: string) => unknown; keep: (id: string, document: unknown) => Promise<void> }
}>()
defineEmits<{ save: [id: string]; drop: [id: string] }>()

const mending = ref<Item & { text: string }>()
const shown = ref(false)
async function open(item: Item) {
  try {
    mending.value = { ...item, text: JSON.stringify(await props.mend!.read(item.id), null, 2) }
    shown.value = true
  } catch (failure) {
    say((failure as Error).message)
  }
}
async function keep(text: string) {
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch (failure) {
    throw new Error(`This is not JSON: ${(failure as Error).message}`, { cause: failure })
  }
  const { id, name } = mending.value!
  await props.mend!.keep(id, document)
  say(`“${name}” is fixed.`)
}
</script>

<template>
  <section v-if="items.length" class="aside" aria-labelledby="aside-title">
    <h2 id="aside-title">Set aside</h2>
    <p class="quiet">This version of Elm Cup cannot read these. They are not changed, and everything else works.</p>
    <ul>
      <li v-for="each in items" :key="each.id" :data-aside="each.id">
        <strong>{{ each.name }}</strong> <span class="quiet">{{ each.why }}</span>
        <button v-if="mend" type="button" class="link-button" :aria-label="`Fix it: ${each.name}`" @click="open(each)">
          Fix it
        </button>
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
  <MendDialog
    v-if="mending"
    v-model:visible="shown"
    :name="mending.name"
    :why="mending.why"
    :text="mending.text"
    :save="keep"
  />
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

<script setup lang="ts">
/** What is stored and cannot be read, as the text it is, to be mended by hand. */
import { ref, watch } from 'vue'

const props = defineProps<{ name: string; why: string; text: string; save: (text: string) => Promise<void> }>()
const visible = defineModel<boolean>('visible', { required: true })
const typed = ref('')
const wrong = ref<string>()
const saving = ref(false)
watch(
  visible,
  (shown) => {
    typed.value = shown ? props.text : ''
    wrong.value = undefined
  },
  { immediate: true },
)
async function keep() {
  saving.value = true
  wrong.value = undefined
  try {
    await props.save(typed.value)
    visible.value = false
  } catch (failure) {
    wrong.value = (failure as Error).message
  } finally {
    saving.value = false
  }
}
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="`Fix ${name}`" :style="{ width: 'min(720px, 94vw)' }">
    <form @submit.prevent="keep">
      <p class="quiet">{{ why }}</p>
      <label class="screen-reader" for="mend-text">What is stored of {{ name }}</label>
      <Textarea id="mend-text" v-model="typed" autofocus rows="14" fluid spellcheck="false" class="text" />
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <div class="ends">
        <Button type="button" label="Leave it as it is" severity="secondary" @click="visible = false" />
        <Button type="submit" label="Save" :loading="saving" />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.text {
  margin: 10px 0;
  font-family: ui-monospace, monospace;
  font-size: 0.875rem;
}
.wrong {
  color: var(--berry);
}
.ends {
  display: flex;
  justify-content: flex-end;
  gap: 10px;
}
</style>

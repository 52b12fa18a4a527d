<script setup lang="ts">
/** The kitchen that this formula is made in: its cups, the spoons there are, and how warm it is. */
import { computed } from 'vue'
import type { Library } from '@/api/client'
import type { DocumentKitchen } from '@/api/document'

const props = defineProps<{ kitchen?: DocumentKitchen; library: Library }>()
const emit = defineEmits<{ change: [changes: DocumentKitchen] }>()
const visible = defineModel<boolean>('visible', { required: true })

const now = computed(() => ({ ...props.library.usual_kitchen, ...props.kitchen }))
/** Those to choose from, and any other that the document names. */
const spoons = computed(() => [...new Set([...props.library.spoons, ...now.value.spoons])])

function tick(spoon: string, there: boolean) {
  const kept = spoons.value.filter((each) => (each === spoon ? there : now.value.spoons.includes(each)))
  emit('change', { spoons: kept })
}
function warm(event: Event) {
  const field = event.target as HTMLInputElement
  const celsius = field.valueAsNumber
  if (field.checkValidity() && Number.isFinite(celsius)) emit('change', { room_c: celsius })
  else field.value = String(now.value.room_c)
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    header="The kitchen for this formula"
    :style="{ width: 'min(460px, 94vw)' }"
    :dismissable-mask="true"
  >
    <div class="kitchen">
      <label class="field">
        <span>Cups</span>
        <Select
          aria-label="Cup standard"
          :model-value="now.cup"
          :options="library.cups"
          option-label="name"
          option-value="id"
          size="small"
          @update:model-value="emit('change', { cup: $event })"
        />
      </label>
      <fieldset>
        <legend>Spoons you have <span class="quiet">· doses use these</span></legend>
        <label v-for="spoon in spoons" :key="spoon" class="spoon">
          <input
            type="checkbox"
            :checked="now.spoons.includes(spoon)"
            :disabled="now.spoons.length === 1 && now.spoons.includes(spoon)"
            @change="tick(spoon, ($event.target as HTMLInputElement).checked)"
          />
          {{ spoon }}
        </label>
      </fieldset>
      <label class="field">
        <span>Room <span class="quiet">· hard fats are softer in the warm</span></span>
        <span
          ><input
            type="number"
            class="number"
            min="0"
            max="45"
            step="any"
            required
            :value="now.room_c"
            @change="warm"
          />
          °C</span
        >
      </label>
    </div>
  </Dialog>
</template>

<style scoped>
.kitchen {
  display: grid;
  gap: 16px;
}
.field {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
fieldset {
  border: 1px solid var(--bran);
  border-radius: var(--radius);
  padding: 6px 12px 10px;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.spoon {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 32px;
}
.spoon input {
  width: 18px;
  height: 18px;
}
.number {
  width: 76px;
  padding: 6px 10px;
  background: var(--milk);
  border: 1px solid var(--husk);
  border-radius: 6px;
}
@media (pointer: coarse) {
  .spoon {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
/** What every formula screen shares: the name, the version, undo and redo, batch size, save, the tabs. */
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Pieces } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { useFormula } from '@/composables/useFormula'
import { useDeleted } from '@/composables/useDeleted'
import { exportAs, FORMATS } from '@/composables/useExport'
import { say } from '@/composables/useNotice'
import { when } from '@/format'
import ActionMenu from './ActionMenu.vue'
import ScaleDialog from './ScaleDialog.vue'

defineProps<{ grams?: number; pieces?: Pieces }>()
const { id: formulaId, draft, save } = useFormula()
const router = useRouter()
const name = ref('')
watch(
  () => draft.document.value.name,
  (now) => (name.value = now),
  { immediate: true },
)

const state = computed(() => {
  const { base, dirty } = draft
  if (!base.value) return draft.loaded.value ? 'Not saved yet' : '…'
  return `Version ${base.value.number}${dirty.value ? ', draft on it' : ', saved'}`
})
const versions = ref<{ id: number; word: string }[]>([])
async function listVersions() {
  try {
    const all = await unwrap(api.GET('/api/formulas/{id}/versions', { params: { path: { id: formulaId } } }))
    versions.value = all.reverse().map((each) => ({ id: each.id, word: `${each.number} · ${when(each.created_at)}` }))
  } catch (failure) {
    say((failure as Error).message)
  }
}
/** Lays an earlier version over the draft, as one edit that can be undone. */
async function open(id: number) {
  try {
    const version = await unwrap(api.GET('/api/versions/{id}', { params: { path: { id } } }))
    if (!draft.history.change(`opening version ${version.number}`, version.document))
      say(`This is version ${version.number}.`)
  } catch (failure) {
    say((failure as Error).message)
  }
}
function rename() {
  const next = name.value.trim()
  if (next && next !== draft.document.value.name) draft.edit('the name', (copy) => void (copy.name = next))
  else name.value = draft.document.value.name
}
const scaling = ref(false)
/** Takes a scaled document as one edit. */
function scaled(document: FormulaDocument, factor: string) {
  scaling.value = false
  if (draft.history.change(`the batch × ${factor}`, document))
    say(`The batch is made × ${factor}.`, { word: 'Undo', run: () => draft.undo() })
}
async function copy() {
  try {
    if (draft.dirty.value && !(await draft.save())) return
    const made = await unwrap(api.POST('/api/formulas/{id}/copy', { params: { path: { id: formulaId } } }))
    await router.push(`/formulas/${made.id}/mix`)
    say(`This is “${made.name}”, a formula of its own.`)
  } catch (failure) {
    say((failure as Error).message)
  }
}
const bin = useDeleted()
async function remove() {
  const id = formulaId
  try {
    await bin.remove({ id, name: draft.base.value?.document.name ?? draft.document.value.name })
    await router.push('/formulas')
    say(`“${draft.document.value.name}” is deleted.`, {
      word: 'Undo',
      run: async () => {
        await bin.bringBack(id)
        await router.push(`/formulas/${id}/mix`)
      },
    })
  } catch (failure) {
    say((failure as Error).message)
  }
}
</script>

<template>
  <header class="header">
    <div class="title">
      <h1 class="screen-reader">{{ draft.document.value.name }}</h1>
      <label class="screen-reader" for="formula-name">Name of the formula</label>
      <input
        id="formula-name"
        v-model="name"
        maxlength="120"
        class="name"
        @change="rename"
        @keydown.enter.prevent="($event.target as HTMLInputElement).blur()"
      />
      <span class="quiet" data-version
        >{{ state
        }}<template v-if="grams">
          · <span class="figure">{{ Math.round(grams) }} g</span></template
        ><template v-if="pieces"> · {{ pieces.count }} pieces</template></span
      >
    </div>
    <div class="tools">
      <Button
        label="Undo"
        severity="secondary"
        size="small"
        :disabled="!draft.canUndo.value"
        :title="
          draft.history.undoLabel.value
            ? `Undo ${draft.history.undoLabel.value} (Ctrl+Z)`
            : 'Open the version before (Ctrl+Z)'
        "
        @click="draft.undo()"
      />
      <Button
        label="Redo"
        severity="secondary"
        size="small"
        :disabled="!draft.history.redoLabel.value"
        :title="`Redo ${draft.history.redoLabel.value ?? ''} (Ctrl+Shift+Z)`"
        @click="draft.history.redo()"
      />
      <Button label="Batch size" severity="secondary" size="small" @click="scaling = true" />
      <ActionMenu label="Versions" placeholder="Versions" :choices="versions" @open="listVersions" @choose="open" />
      <ActionMenu
        label="Export"
        placeholder="Export"
        :choices="FORMATS"
        @choose="exportAs(draft.document.value, $event)"
      />
      <Button label="Copy" severity="secondary" size="small" @click="copy" />
      <Button label="Delete" severity="secondary" size="small" @click="remove" />
      <Button
        label="Save"
        size="small"
        :disabled="!draft.dirty.value"
        :loading="draft.saving.value"
        title="Ctrl+S"
        @click="save"
      />
    </div>
    <nav class="tabs" aria-label="Formula">
      <RouterLink :to="`/formulas/${formulaId}/mix`">Mix</RouterLink>
      <RouterLink :to="`/formulas/${formulaId}/made`">Made it</RouterLink>
      <RouterLink :to="`/formulas/${formulaId}/compare`">Compare</RouterLink>
    </nav>
    <ScaleDialog
      v-model:visible="scaling"
      :document="draft.document.value"
      :pieces="pieces"
      :grams="grams"
      @take="scaled"
    />
  </header>
</template>

<style scoped>
.header {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 6px 16px;
  padding: 14px 24px 0;
  border-bottom: 1px solid var(--bran);
}
.name {
  display: block;
  width: 100%;
  font-family: var(--heading);
  font-size: 1.5rem;
  font-weight: 600;
  background: none;
  border: 0;
  border-bottom: 1.5px solid transparent;
  padding: 0;
  text-overflow: ellipsis;
}
.name:hover,
.name:focus {
  border-bottom-color: var(--husk);
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  justify-content: end;
}
.tabs {
  display: flex;
  gap: 4px;
  grid-column: 1 / -1;
}
.tabs a {
  padding: 6px 14px;
  color: var(--husk);
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
.tabs a:hover {
  color: var(--cocoa);
}
.tabs .router-link-active {
  color: var(--elm);
  border-bottom-color: var(--elm);
}
@media (max-width: 1000px) {
  .header {
    grid-template-columns: minmax(0, 1fr);
  }
  .tools {
    justify-content: start;
  }
}
</style>

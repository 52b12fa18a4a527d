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
import { useShortcuts } from '@/composables/useShortcuts'
import { when } from '@/format'
import ActionMenu from './ActionMenu.vue'
import FoldOut from './FoldOut.vue'
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
/** Digits go to the tabs, but for Made it, where they say a texture. */
const TABS = ['mix', 'shape', 'cold', 'steps', 'made', 'compare']
useShortcuts(() =>
  router.currentRoute.value.path.endsWith('/made')
    ? []
    : TABS.map((tab, at) => ({
        keys: String(at + 1),
        what: `To ${tab}`,
        run: () => void router.push(`/formulas/${formulaId}/${tab}`),
      })),
)
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
    </div>
    <p class="facts quiet">
      <span data-version>{{ state }}</span>
      <button type="button" class="link-button size" title="Make the batch larger or smaller" @click="scaling = true">
        Batch size<template v-if="grams"
          >: <span class="figure">{{ Math.round(grams) }} g</span></template
        ><template v-if="pieces">, {{ pieces.count }} pieces</template>
      </button>
    </p>
    <nav class="tabs" aria-label="Formula">
      <RouterLink :to="`/formulas/${formulaId}/mix`">Mix</RouterLink>
      <RouterLink :to="`/formulas/${formulaId}/shape`">Shape</RouterLink>
      <RouterLink :to="`/formulas/${formulaId}/cold`">Cold</RouterLink>
      <RouterLink :to="`/formulas/${formulaId}/steps`">Steps</RouterLink>
      <RouterLink :to="`/formulas/${formulaId}/made`">Made it</RouterLink>
      <RouterLink :to="`/formulas/${formulaId}/compare`">Compare</RouterLink>
    </nav>
    <div class="tools">
      <button
        type="button"
        class="icon"
        :disabled="!draft.canUndo.value"
        :title="
          draft.history.undoLabel.value
            ? `Undo ${draft.history.undoLabel.value} (Ctrl+Z)`
            : 'Open the version before (Ctrl+Z)'
        "
        @click="draft.undo()"
      >
        <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M9 6 4 11l5 5M4 11h9a6 6 0 0 1 0 12h-2" /></svg>
        <span class="screen-reader">Undo</span>
      </button>
      <button
        type="button"
        class="icon"
        :disabled="!draft.history.redoLabel.value"
        :title="`Redo ${draft.history.redoLabel.value ?? ''} (Ctrl+Shift+Z)`"
        @click="draft.history.redo()"
      >
        <svg viewBox="0 0 24 24" aria-hidden="true"><path d="m15 6 5 5-5 5M20 11h-9a6 6 0 0 0 0 12h2" /></svg>
        <span class="screen-reader">Redo</span>
      </button>
      <FoldOut label="More">
        <ActionMenu label="Versions" placeholder="Versions" :choices="versions" @open="listVersions" @choose="open" />
        <ActionMenu
          label="Export"
          placeholder="Export"
          :choices="FORMATS"
          @choose="exportAs(draft.document.value, $event)"
        />
        <Button label="Copy" severity="secondary" size="small" @click="copy" />
        <Button label="Delete" severity="secondary" size="small" @click="remove" />
      </FoldOut>
      <Button
        label="Save"
        size="small"
        :disabled="!draft.dirty.value"
        :loading="draft.saving.value"
        title="Ctrl+S"
        @click="save"
      />
    </div>
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
  display: flex;
  align-items: center;
  gap: 0 16px;
  min-height: 54px;
  padding: 0 24px;
  border-bottom: 1px solid var(--bran);
}
.title {
  flex: 1 1 200px;
  min-width: 120px;
}
.name {
  display: block;
  width: 100%;
  font-family: var(--heading);
  font-size: 1.25rem;
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
.facts {
  display: flex;
  gap: 2px 12px;
  align-items: baseline;
  margin: 0;
  font-size: 0.875rem;
  white-space: nowrap;
}
.tools {
  display: flex;
  gap: 4px;
  align-items: center;
}
.icon {
  width: 34px;
  height: 34px;
  border: 0;
  background: none;
  border-radius: var(--radius-in);
  color: var(--cocoa);
  cursor: pointer;
}
.icon svg {
  width: 20px;
  height: 20px;
  vertical-align: -4px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.8;
}
.icon:hover:enabled {
  background: var(--milk);
}
.icon:disabled {
  color: var(--husk);
  opacity: 0.55;
  cursor: default;
}
.tabs {
  display: flex;
  align-self: stretch;
}
.tabs a {
  display: flex;
  align-items: center;
  padding: 3px 12px 0;
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
@media (max-width: 1100px) {
  .header {
    flex-wrap: wrap;
    padding: 4px 16px 0;
  }
  .title {
    flex-basis: calc(100% - 240px);
  }
  .tools {
    order: 1;
  }
  .facts {
    order: 3;
    margin-left: auto;
  }
  .tabs {
    order: 2;
    min-height: 36px;
  }
}
@media (max-width: 600px) {
  .facts [data-version] {
    display: none;
  }
  .tabs {
    gap: 0;
    justify-content: space-between;
    width: 100%;
  }
  .tabs a {
    padding-inline: 4px;
  }
}
@media (pointer: coarse) {
  .icon {
    width: 44px;
    height: 44px;
  }
}
</style>

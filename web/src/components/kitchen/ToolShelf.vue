<script setup lang="ts">
/** The tools of one kind: those the household has, common ones to tick, and one of its own by measures or by the water that fills it. */
import { computed, ref } from 'vue'
import { api, unwrap, type Tool, type ToolKind } from '@/api/client'
import { figure, typedNumber } from '@/format'
import { say } from '@/composables/useNotice'

const props = defineProps<{
  kind: ToolKind
  title: string
  one: string
  tools: Tool[]
  common: Tool[]
  materials?: string[]
}>()
const emit = defineEmits<{ add: [tool: Tool]; remove: [tool: Tool] }>()

const open = ref(false)
const adding = ref(false)
const blank = {
  name: '',
  across: '',
  along: '',
  depth: '',
  ml: '',
  cavities: '',
  water: '',
  material: '',
  round: false,
}
const own = ref({ ...blank })
const rest = computed(() => props.common.filter((each) => !props.tools.some((tool) => tool.id === each.id)))

const mm = (tool: Tool) =>
  (tool.mm ?? (tool.diameter_mm ? [tool.diameter_mm] : [])).map((side) => figure(side, 0)).join(' × ')
const facts = (tool: Tool) =>
  [
    mm(tool) && `${mm(tool)} mm${tool.mm?.length === 1 || tool.diameter_mm ? ' across' : ''}`,
    tool.depth_mm && `${figure(tool.depth_mm, 0)} deep`,
    tool.cavities && `${tool.cavities} cavities`,
    (tool.cavity_ml ?? tool.ml) && `${figure((tool.cavity_ml ?? tool.ml)!, 1)} mL`,
    tool.material,
  ]
    .filter(Boolean)
    .join(', ')

const number = (text: string) => {
  const value = typedNumber(text)
  return value !== undefined && Number.isFinite(value) && value > 0 ? value : undefined
}
/** What is measured, and what the water in it says of the rest. */
async function add() {
  const said = own.value
  const across = number(said.across)
  const sides = across === undefined ? undefined : said.round ? [across] : [across, number(said.along) ?? across]
  const tool: Tool = { id: crypto.randomUUID(), ...(said.name.trim() ? { name: said.name.trim() } : {}) }
  if (said.material) tool.material = said.material
  if (props.kind === 'liners') Object.assign(tool, { diameter_mm: across, depth_mm: number(said.depth) })
  else if (props.kind === 'moulds')
    Object.assign(tool, { cavity_ml: number(said.ml), cavities: number(said.cavities) ?? 1 })
  else if (props.kind === 'scoops') Object.assign(tool, { ml: number(said.ml) })
  else Object.assign(tool, { mm: sides, ...(props.kind === 'tins' ? { depth_mm: number(said.depth) } : {}) })
  const water = number(said.water)
  if (water !== undefined && props.kind !== 'trays') {
    try {
      const body = {
        kind: props.kind,
        water_ml: water,
        ...(sides && props.kind === 'tins' ? { mm: sides } : {}),
        ...(props.kind === 'moulds' ? { cavities: number(said.cavities) ?? 1 } : {}),
        ...(props.kind === 'liners' ? { depth_mm: number(said.depth) } : {}),
      }
      Object.assign(tool, await unwrap(api.POST('/api/kitchen/by-water', { body })))
    } catch (failure) {
      return say((failure as Error).message)
    }
  }
  emit('add', Object.fromEntries(Object.entries(tool).filter(([, value]) => value !== undefined)) as Tool)
  own.value = { ...blank }
  adding.value = false
}
</script>

<template>
  <section class="shelf panel" :aria-label="title">
    <h2>{{ title }}</h2>
    <ul>
      <li v-for="tool in tools" :key="tool.id">
        <span
          ><strong>{{ tool.name ?? one }}</strong> <span class="quiet">{{ facts(tool) }}</span></span
        >
        <button
          type="button"
          class="link-button"
          :aria-label="`Take out ${tool.name ?? one}`"
          @click="emit('remove', tool)"
        >
          take out
        </button>
      </li>
    </ul>
    <p v-if="!tools.length" class="quiet">None yet.</p>
    <p class="ways">
      <button v-if="rest.length" type="button" class="link-button" :aria-expanded="open" @click="open = !open">
        {{ open ? 'Done' : 'Common ones' }}
      </button>
      <button type="button" class="link-button" :aria-expanded="adding" @click="adding = !adding">One of my own</button>
    </p>
    <ul v-if="open" class="common">
      <li v-for="tool in rest" :key="tool.id">
        <button type="button" @click="emit('add', tool)">
          + {{ tool.name }} <span class="quiet">{{ facts(tool) }}</span>
        </button>
      </li>
    </ul>
    <form v-if="adding" class="own" @submit.prevent="add">
      <label>Name <input v-model="own.name" class="plain-field" maxlength="60" :placeholder="one" /></label>
      <template v-if="['tins', 'trays'].includes(kind)">
        <label>Across inside, mm <input v-model="own.across" class="plain-field" inputmode="decimal" /></label>
        <label v-if="!own.round">Along, mm <input v-model="own.along" class="plain-field" inputmode="decimal" /></label>
        <label class="tick"><input v-model="own.round" type="checkbox" /> round</label>
      </template>
      <label v-if="kind === 'liners'"
        >Across inside, mm <input v-model="own.across" class="plain-field" inputmode="decimal"
      /></label>
      <label v-if="['tins', 'liners'].includes(kind)"
        >Depth, mm <input v-model="own.depth" class="plain-field" inputmode="decimal"
      /></label>
      <template v-if="kind === 'moulds'">
        <label>Cavities <input v-model="own.cavities" class="plain-field" inputmode="numeric" /></label>
        <label>mL a cavity <input v-model="own.ml" class="plain-field" inputmode="decimal" /></label>
      </template>
      <label v-if="kind === 'scoops'">mL <input v-model="own.ml" class="plain-field" inputmode="decimal" /></label>
      <label v-if="kind !== 'trays'"
        >or mL (grams) of water that fill {{ kind === 'moulds' ? 'all cavities' : 'it' }}
        <input v-model="own.water" class="plain-field" inputmode="decimal"
      /></label>
      <label v-if="materials?.length"
        >Of
        <select v-model="own.material" class="plain-field">
          <option value="">not said</option>
          <option v-for="each in materials" :key="each" :value="each">{{ each }}</option>
        </select></label
      >
      <Button type="submit" label="Add" size="small" />
    </form>
  </section>
</template>

<style scoped>
.shelf {
  padding: 12px 16px;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
  padding: 2px 0;
}
strong {
  font-weight: 600;
}
.ways {
  display: flex;
  gap: 16px;
  margin-top: 6px;
}
.common {
  border-top: 1px solid var(--bran);
  margin-top: 6px;
  padding-top: 6px;
}
.common button {
  border: 0;
  background: none;
  padding: 4px 6px;
  text-align: left;
  cursor: pointer;
  border-radius: var(--radius-in);
}
.common button:hover {
  background: var(--oat);
}
.own {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
  border-top: 1px solid var(--bran);
  margin-top: 6px;
  padding-top: 10px;
}
.own label {
  display: grid;
  gap: 2px;
  font-size: 0.875rem;
}
.own .tick {
  display: flex;
  align-items: center;
}
.own input:not([type]) {
  width: 100%;
}
</style>

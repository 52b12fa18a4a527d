import { computed, ref, shallowRef } from 'vue'
import { api, unwrap, type Batch, type CounterRescue, type Making } from '@/api/client'
import { useOutbox } from './useOutbox'

/** A batch while it is made. What is done shows at once, whether the server has heard of it yet or not. */
export function useMake(batch: string) {
  const making = shallowRef<Making>()
  const state = shallowRef<Batch>()
  const error = ref<string>()
  const params = { path: { batch } }
  let asked = 0
  const { tell, waiting, delivered, away, refused } = useOutbox(batch, () => void load())

  async function load() {
    const mine = ++asked
    const known = new Set(delivered.value)
    try {
      const [now, said] = await Promise.all([
        unwrap(api.GET('/api/batches/{batch}/make', { params })),
        unwrap(api.GET('/api/batches/{batch}', { params })),
      ])
      if (mine !== asked) return
      making.value = now
      state.value = said
      delivered.value = delivered.value.filter((event) => !known.has(event))
      error.value = undefined
    } catch (failure) {
      if (!making.value) error.value = (failure as Error).message
    }
  }
  void load()

  /** What was done and the server has not told of yet. */
  const unseen = computed(() => [...delivered.value, ...waiting.value])
  /** That on top of what the server knows. */
  const stages = computed(() => {
    const steps = new Map<string, string>()
    const lines = new Map<string, number | 'out' | 'in'>()
    for (const { kind, data } of unseen.value) {
      if (kind === 'step') steps.set(String(data.step), String(data.did))
      if (kind === 'weighed' || kind === 'measured') lines.set(String(data.line), (data.grams as number) ?? 'in')
      if (kind === 'left_out') lines.set(String(data.line), 'out')
    }
    return (making.value?.stages ?? []).map((stage) => ({
      ...stage,
      state: (steps.get(stage.id) as typeof stage.state) ?? stage.state,
      lines: stage.lines.map((line) => {
        const now = lines.get(line.line)
        if (now === undefined) return line
        if (now === 0) return { ...line, status: 'to_come' as const, actual_grams: undefined }
        if (now === 'out') return { ...line, status: 'left_out' as const }
        return { ...line, status: 'in' as const, actual_grams: now === 'in' ? line.planned_grams : now }
      }),
    }))
  })
  const open = computed(() => stages.value.filter((stage) => stage.state !== 'done' && stage.state !== 'skipped'))
  const current = computed(() => open.value.find((stage) => stage.state === 'begun') ?? open.value[0])
  const upcoming = computed(() => {
    const at = stages.value.findIndex((stage) => stage.id === current.value?.id)
    return stages.value.slice(at + 1).find((stage) => stage.state !== 'done' && stage.state !== 'skipped')
  })
  const askRescue = (component?: string, complaint?: string): Promise<CounterRescue> =>
    unwrap(api.GET('/api/batches/{batch}/rescue', { params: { ...params, query: { component, complaint } } }))
  return { making, state, error, stages, current, upcoming, tell, waiting, unseen, away, refused, askRescue, load }
}
export type Make = ReturnType<typeof useMake>

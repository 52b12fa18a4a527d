import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Balance, type BalanceAnswer, type TextureId } from '@/api/client'
import { say } from './useNotice'

/** What the kitchen has, ticked and kept; and bowls proposed of it. */
export function useCupboard() {
  const router = useRouter()
  const ticked = ref<string[]>([])
  /** Of what is ticked: what must be used up, and grams where they are known. */
  const useUp = ref<string[]>([])
  const grams = ref<Record<string, string>>({})
  const want = ref<TextureId>('rolls')
  const pieceGrams = ref('18')
  const pieces = ref('')
  const wishes = ref<string[]>([])
  const balance = shallowRef<Balance>()
  const error = ref<string>()
  const loaded = ref(false)
  const looking = ref(false)
  let running: AbortController | undefined

  unwrap(api.GET('/api/settings/cupboard'))
    .then((answer) => (ticked.value = answer.value))
    .catch((failure: Error) => (error.value = failure.message))
    .finally(() => (loaded.value = true))

  /** Ticks or unticks; what is ticked is kept for the household, and helpers of Balance keep to it. */
  async function tick(id: string, on: boolean) {
    ticked.value = on ? [...ticked.value, id] : ticked.value.filter((each) => each !== id)
    if (!on) useUp.value = useUp.value.filter((each) => each !== id)
    try {
      await unwrap(api.PUT('/api/settings/cupboard', { body: { value: ticked.value } }))
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  const mustGo = (id: string, on: boolean) =>
    (useUp.value = on ? [...useUp.value, id] : useUp.value.filter((each) => each !== id))
  const number = (text: string | undefined) => Number(String(text ?? '').replace(',', '.')) || undefined
  const asked = computed(() => ({
    elm_cup: 'cupboard/1',
    have: ticked.value.map((ingredient) => ({
      ingredient,
      ...(number(grams.value[ingredient]) ? { grams: number(grams.value[ingredient]) } : {}),
    })),
    use_up: useUp.value,
    want: want.value,
    ...(number(pieceGrams.value) ? { shape: { kind: 'ball', piece_grams: number(pieceGrams.value) } } : {}),
    wishes: [...wishes.value, ...(number(pieces.value) ? [`pieces=${Math.round(number(pieces.value)!)}`] : [])],
  }))
  async function propose() {
    running?.abort()
    const mine = (running = new AbortController())
    looking.value = true
    error.value = undefined
    balance.value = undefined
    try {
      balance.value = await unwrap(api.POST('/api/cupboard', { body: asked.value as never, signal: mine.signal }))
    } catch (failure) {
      if ((failure as Error).name !== 'AbortError') error.value = (failure as Error).message
    } finally {
      if (mine === running) looking.value = false
    }
  }
  function cancel() {
    running?.abort()
    looking.value = false
  }
  /** Makes a bowl a formula of its own, and opens it. */
  async function make(answer: BalanceAnswer) {
    try {
      const made = await unwrap(api.POST('/api/formulas', { body: answer.formula as never }))
      await router.push(`/formulas/${made.id}/mix`)
      say(`“${made.name}” is a formula now.`)
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  return {
    ticked,
    useUp,
    grams,
    want,
    pieceGrams,
    pieces,
    wishes,
    balance,
    error,
    loaded,
    looking,
    tick,
    mustGo,
    propose,
    cancel,
    make,
  }
}

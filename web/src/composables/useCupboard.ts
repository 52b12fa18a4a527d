import { computed, ref, shallowRef, toRefs, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import {
  api,
  unwrap,
  type Balance,
  type BalanceAnswer,
  type Clash,
  type Library,
  type TextureId,
  type Wish,
} from '@/api/client'
import { typedNumber } from '@/format'
import { useKeptInTab } from './useKept'
import { say } from './useNotice'

/** What was said of the bowls that are wanted; it outlives a look at another page. */
interface Said {
  /** Of what is ticked: what must be used up, and grams as typed, by id. */
  useUp: string[]
  grams: Record<string, string>
  /** Nothing until it is said: then the usual ones hold. */
  want?: TextureId
  pieceGrams?: string
  pieces: string
  wishes: Pick<Wish, 'wish' | 'words'>[]
}
const KEY = 'elm-cup:cupboard'
const nothing = (): Said => ({ useUp: [], grams: {}, pieces: '', wishes: [] })
/** What the kitchen has, ticked and kept; and bowls proposed of it. */
export function useCupboard(library: Ref<Library | undefined>) {
  const router = useRouter()
  const ticked = ref<string[]>([])
  const said = useKeptInTab(KEY, nothing).value
  const { useUp, grams, pieces, wishes } = toRefs(said)
  /** What a bowl is shaped to where nothing else is said. */
  const usual = computed(() => library.value?.shapes[0])
  const want = computed({
    get: () => said.want ?? (usual.value?.want as TextureId | undefined),
    set: (now) => (said.want = now),
  })
  const pieceGrams = computed({
    get: () => said.pieceGrams ?? String(usual.value?.usual.piece_grams ?? ''),
    set: (now) => (said.pieceGrams = now),
  })
  /** A wish that is being typed, and what is wrong with it. */
  const words = ref('')
  const fault = ref<string>()
  const balance = shallowRef<Balance>()
  const error = ref<string>()
  const loaded = ref(false)
  const looking = ref(false)
  let running: AbortController | undefined

  unwrap(api.GET('/api/settings/cupboard'))
    .then((answer) => {
      ticked.value = answer.value
      useUp.value = useUp.value.filter((id) => answer.value.includes(id))
    })
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
  /** A number over 0; nothing for an empty text, NaN for what is none. */
  const number = (text: string | undefined) => {
    const value = typedNumber(text)
    return value === undefined || value > 0 ? value : NaN
  }
  const nameOf = (id: string) => library.value?.ingredients.find((each) => each.id === id)?.name.toLowerCase() ?? id
  /** What is typed as a number and is none, with the mend. */
  const wrong = computed(() => {
    const typed: [string, string][] = [
      ...ticked.value.map((id): [string, string] => [`Grams of ${nameOf(id)}`, grams.value[id] ?? '']),
      ['Grams a piece', pieceGrams.value],
      ['Pieces', pieces.value],
    ]
    const [place, text] = typed.find(([, text]) => Number.isNaN(number(text))) ?? []
    return place && `${place}: “${text}” is not a number over 0; write one, or leave it empty`
  })
  const asked = computed(() => ({
    elm_cup: 'cupboard/1',
    have: ticked.value.map((ingredient) => ({ ingredient, grams: number(grams.value[ingredient]) })),
    use_up: useUp.value,
    want: want.value,
    ...(number(pieceGrams.value) ? { shape: { ...usual.value?.usual, piece_grams: number(pieceGrams.value) } } : {}),
    wishes: [
      ...wishes.value.map((each) => each.wish),
      ...(number(pieces.value) ? [`${number(pieces.value)} pieces`] : []),
    ],
  }))
  /** Takes up the wish that is typed, if there is one; whether all is well. No bowl is there yet, so “less” and “more” mean nothing here. */
  async function addWish() {
    const text = words.value.trim()
    if (!text) return true
    fault.value = undefined
    try {
      const { said } = await unwrap(api.POST('/api/wish', { body: { text } }))
      const old = wishes.value.filter((each) => !said.some((wish) => wish.wish === each.wish))
      wishes.value = [...old, ...said.map(({ wish, words }) => ({ wish, words }))]
      words.value = ''
      return true
    } catch (failure) {
      fault.value = (failure as Error).message.replace(/^text: /, '')
      return false
    }
  }
  async function propose() {
    error.value = wrong.value
    if (wrong.value || !(await addWish())) return
    running?.abort()
    const mine = (running = new AbortController())
    looking.value = true
    balance.value = undefined
    try {
      balance.value = await unwrap(api.POST('/api/cupboard', { body: asked.value, signal: mine.signal }))
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
  /** A wish, or the texture, gives way as a clash says, and it is asked again. */
  function relax(change: Clash['relax'][number]) {
    const texture = library.value?.textures.find((each) => each.id === change.to)
    if (texture) want.value = texture.id
    else if (wishes.value.some((each) => each.wish === change.wish)) {
      wishes.value = wishes.value.filter((each) => each.wish !== change.wish)
      words.value = change.becomes ?? ''
    } else pieces.value = String(change.to ?? '')
    void propose()
  }
  /** Makes a bowl a formula of its own, and opens it. */
  async function make(answer: BalanceAnswer) {
    try {
      const made = await unwrap(api.POST('/api/formulas', { body: answer.formula }))
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
    words,
    fault,
    balance,
    error,
    loaded,
    looking,
    tick,
    mustGo,
    addWish,
    relax,
    propose,
    cancel,
    make,
  }
}

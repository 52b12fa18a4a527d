import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { api, unwrap, type LabelAnswer, type Library, type OwnIngredient } from '@/api/client'
import { typedNumber } from '@/format'

/** What a pack's label may say, in the order that packs say it. */
export const FIGURES = [
  ['kcal', 'Energy, kcal'],
  ['kj', 'Energy, kJ'],
  ['fat_g', 'Fat, g'],
  ['saturates_g', 'of which saturates, g'],
  ['carbohydrate_g', 'Carbohydrate, g'],
  ['sugars_g', 'of which sugars, g'],
  ['added_sugars_g', 'added sugars, g'],
  ['polyols_g', 'polyols, g'],
  ['fibre_g', 'Fibre, g'],
  ['protein_g', 'Protein, g'],
  ['salt_g', 'Salt, g'],
  ['sodium_mg', 'Sodium, mg'],
] as const
type Key = (typeof FIGURES)[number][0]

/** The form as it was typed. */
interface Typed {
  name: string
  startsFrom?: string
  basis: '100g' | 'serving'
  serving: string
  rule: 'eu' | 'us'
  figures: Partial<Record<Key, string>>
  list: string
  price: string
  pack: string
}
const text = (value: number | undefined) => String(value ?? '')

function typedOf(given: OwnIngredient | undefined): Typed {
  const label = given?.label ?? {}
  return {
    name: given?.name ?? '',
    startsFrom: given?.starts_from ?? (given && !given.id.startsWith('own-') ? given.id : undefined),
    basis: (label.basis as Typed['basis'] | undefined) ?? '100g',
    rule: (label.rule as Typed['rule'] | undefined) ?? 'eu',
    serving: text(label.serving_g),
    figures: Object.fromEntries(
      FIGURES.flatMap(([key]) => (label[key] === undefined ? [] : [[key, text(label[key])]])),
    ),
    list: given?.ingredients ?? '',
    price: text(given?.price),
    pack: text(given?.pack_grams),
  }
}

/** "own-" and the name in plain letters, with a number where another ingredient has that id already. */
export function ownId(name: string, taken: string[]): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50)
    .replace(/-+$/, '')
  const id = `own-${plain || 'ingredient'}`
  let next = id
  for (let number = 2; taken.includes(next); number += 1) next = `${id}-${number}`
  return next
}

/**
 * The label form: what was typed, the ingredient it says, and the server's check of it, asked while the dialog is open.
 * `of` gives the ingredient that is changed, if any, and the library.
 */
export function useLabelForm(visible: Ref<boolean>, of: () => { given?: OwnIngredient; library: Library }) {
  const typed = ref<Typed>(typedOf(undefined))
  const answer = shallowRef<LabelAnswer>()
  const error = ref<string>()
  watch(
    visible,
    (open) => {
      if (!open) return
      typed.value = typedOf(of().given)
      answer.value = error.value = undefined
    },
    { immediate: true },
  )
  /** What was typed where a number belongs and is none. */
  const noNumber = computed(() => {
    const { serving, price, pack, figures } = typed.value
    return [serving, price, pack, ...Object.values(figures)].find((each) => Number.isNaN(typedNumber(each)))
  })
  const said = computed<OwnIngredient>(() => {
    const { given, library } = of()
    const { name, startsFrom, basis, rule, serving, figures, list, price, pack } = typed.value
    const id =
      given?.id ??
      ownId(
        name,
        library.ingredients.map((each) => each.id),
      )
    const whole = {
      id,
      name: name.trim() || undefined,
      names: given?.names,
      starts_from: startsFrom === id ? undefined : startsFrom,
      label: {
        basis,
        rule,
        serving_g: basis === 'serving' ? typedNumber(serving) : undefined,
        ...Object.fromEntries(FIGURES.map(([key]) => [key, typedNumber(figures[key])])),
      },
      ingredients: list.trim() || undefined,
      price: typedNumber(price),
      pack_grams: typedNumber(pack),
      grams_per_cup: given?.grams_per_cup,
      grams_each: given?.grams_each,
    }
    // Figures that are not said are left out of what is sent.
    return JSON.parse(JSON.stringify(whole)) as OwnIngredient
  })
  const enough = computed(() => {
    const { startsFrom, figures } = typed.value
    return !!startsFrom && !!figures.fat_g && !!figures.carbohydrate_g && !!figures.protein_g
  })
  let timer: ReturnType<typeof setTimeout> | undefined
  let asked = 0
  watch([said, enough, visible, noNumber], () => {
    clearTimeout(timer)
    asked += 1
    if (noNumber.value !== undefined) {
      answer.value = undefined
      error.value = `“${noNumber.value}” is not a number.`
    } else if (visible.value && enough.value) timer = setTimeout(check, 250)
    else answer.value = error.value = undefined
  })
  async function check() {
    const mine = asked
    try {
      const checked = await unwrap(api.POST('/api/pantry/label', { body: said.value }))
      if (mine !== asked) return
      answer.value = checked
      error.value = undefined
    } catch (failure) {
      if (mine !== asked) return
      answer.value = undefined
      error.value = (failure as Error).message
    }
  }
  return { typed, said, answer, error }
}

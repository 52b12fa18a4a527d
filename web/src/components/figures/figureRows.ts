import type { BalanceAnswer, Figures, Library, SaidOf } from '@/api/client'
import { figure, money } from '@/format'

/** One figure of several formulas, as it is said; `key` is that of its sum. */
export interface FigureRow {
  name: string
  key?: string
  /** The part whose sum it is. */
  part?: string
  before: string
  after: string[]
}
type Answered = Pick<BalanceAnswer, 'before' | 'after' | 'come' | 'gone'>
type Field = Exclude<keyof Figures, 'components' | 'allergens' | 'diets' | 'unpriced'>
/** Field, its name, its unit, digits, the key of its sum. */
const FIELDS: [Field, string, string, number, string?][] = [
  ['pieces', 'Pieces', '', 0, 'pieces'],
  ['grams', 'In all', 'g', 0, 'grams'],
  ['kcal', 'Energy', 'kcal', 0, 'kcal'],
  ['sugars_g', 'Sugar', 'g', 1, 'sugars'],
  ['free_sugars_g', 'Free sugar', 'g', 1, 'free_sugars'],
  ['protein_g', 'Protein', 'g', 1, 'protein'],
  ['fat_g', 'Fat', 'g', 1, 'fat'],
  ['fibre_g', 'Fibre', 'g', 1, 'fibre'],
  ['sweetness_pct', 'Sweetness', '%', 1, 'sweetness'],
  ['cost', 'Cost', '', 3, 'cost'],
  ['holds_to_c', 'Holds to', '°C', 0],
  ['water_activity', 'Water activity', '', 2],
]

/** The row of what has no price. */
const UNPRICED = 'Cost is without'

/** Every figure that one of the formulas has: textures first, then by piece, then what must be said of it. */
export function figureRows(answers: Answered[], library?: Library): FigureRow[] {
  const before = answers[0]?.before
  if (!before) return []
  const all = [before, ...answers.map((answer) => answer.after)]
  const row = (name: string, said: (figures: Figures) => string, key?: string, part?: string): FigureRow[] => {
    const texts = all.map(said)
    return texts.every((text) => text === '–') ? [] : [{ name, key, part, before: texts[0]!, after: texts.slice(1) }]
  }
  const parts = [...new Set(all.flatMap((figures) => (figures.components ?? []).map((part) => part.name)))]
  const part = (figures: Figures, name: string) => figures.components?.find((each) => each.name === name)
  /** All of them now; then what comes and what goes with each answer. */
  const said = (name: string, key: keyof SaidOf) => {
    const word = (id: string) => library?.allergens[id] ?? id
    const moved = (answer: Answered) =>
      [...answer.come[key].map((id) => `+ ${word(id)}`), ...answer.gone[key].map((id) => `− ${word(id)}`)].join(', ')
    const now = before[key]?.map(word).join(', ') || 'none on the list'
    return { name, before: now, after: answers.map((answer) => moved(answer) || 'the same') }
  }
  return [
    ...parts.flatMap((name) =>
      row(
        parts.length > 1 ? `Texture, ${name}` : 'Texture',
        (figures) => {
          const { texture, saturation } = part(figures, name) ?? {}
          if (!texture) return '–'
          return saturation
            ? `${texture}, ${saturation.value.toFixed(2)} (${saturation.low.toFixed(2)}–${saturation.high.toFixed(2)})`
            : texture
        },
        'saturation',
        name,
      ),
    ),
    ...parts.flatMap((name) =>
      row(
        parts.length > 1 ? `Grease, ${name}` : 'Grease',
        (figures) => {
          const grease = part(figures, name)?.grease
          return grease === undefined ? '–' : figure(grease, 2)
        },
        'grease',
        name,
      ),
    ),
    ...FIELDS.flatMap(([field, name, unit, digits, key]) =>
      row(
        name,
        (figures) => {
          const value = figures[field] as number | undefined
          if (value === undefined) return '–'
          if (field === 'cost' && library) return money(value, library.currency)
          return `${figure(value, digits)}${unit && ` ${unit}`}`
        },
        key,
      ),
    ),
    ...row(UNPRICED, (figures) => figures.unpriced?.join(', ').toLowerCase() || '–'),
    said('Allergens', 'allergens'),
    said('Diets', 'diets'),
  ]
}

import type { TextureId } from './client'

/** A formula document, version 1, as docs/formula.schema.json has it. */
export interface FormulaDocument {
  elm_cup: 'formula/1'
  name: string
  components: DocumentComponent[]
  shape?: DocumentShape
  kitchen?: DocumentKitchen
  splits?: DocumentSplit[]
  needs?: string[]
  muted?: string[]
  wishes?: string[]
  notes?: string[]
}
export const PART_TYPES = ['dough', 'base', 'filling', 'layer', 'coating', 'topping'] as const
export type PartType = (typeof PART_TYPES)[number]
/** What a component takes of another: a share of it, grams, or a measure. */
export interface DocumentTake {
  component: string
  share?: number
  grams?: number
  text?: string
}
/** A flavour: a share of a base with pieces of its own and a topping. */
export interface DocumentSplit {
  name: string
  share: number
  component?: string
  lines?: DocumentLine[]
  topping?: DocumentLine[]
}
export interface DocumentKitchen {
  cup?: string
  spoons?: string[]
  freezer_c?: number
  fridge_c?: number
  room_c?: number
}
export interface DocumentComponent {
  name: string
  type?: PartType
  process?: 'hand' | 'processor'
  want?: TextureId
  lines: DocumentLine[]
  takes?: DocumentTake[]
}
export interface DocumentLine {
  text?: string
  ingredient?: string
  grams?: number
}
export interface DocumentShape {
  kind: 'ball'
  piece_grams?: number
  scoop_ml?: number
  pieces?: number
}

/** A formula that has nothing in it yet. */
export function emptyFormula(name: string): FormulaDocument {
  return {
    elm_cup: 'formula/1',
    name,
    components: [{ name: 'dough', type: 'dough', process: 'hand', lines: [] }],
    shape: { kind: 'ball', piece_grams: 18 },
  }
}

import type { TextureId } from './client'

/** A formula document, version 1, as docs/formula.schema.json has it. */
export interface FormulaDocument {
  elm_cup: 'formula/1'
  name: string
  components: DocumentComponent[]
  shape?: DocumentShape
  kitchen?: DocumentKitchen
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
  type?: 'dough' | 'base' | 'filling' | 'layer' | 'coating' | 'topping'
  process?: 'hand' | 'processor'
  want?: TextureId
  lines: DocumentLine[]
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

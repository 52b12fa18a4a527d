import type { Component } from './formulaDocument'

export type {
  Component as DocumentComponent,
  FormulaDocument,
  Kitchen as DocumentKitchen,
  Line as DocumentLine,
  Shape as DocumentShape,
  Split as DocumentSplit,
  Take as DocumentTake,
} from './formulaDocument'
/** What a part can be, in the order of the core. */
export const PART_TYPES = ['dough', 'base', 'filling', 'layer', 'coating', 'topping'] as const
export type PartType = NonNullable<Component['type']>

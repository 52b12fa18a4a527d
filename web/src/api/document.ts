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
export type PartType = NonNullable<Component['type']>

import type { Component, FormulaDocument as Whole } from './formulaDocument'

export type {
  Coat as DocumentCoat,
  Component as DocumentComponent,
  FormulaDocument,
  Kitchen as DocumentKitchen,
  Line as DocumentLine,
  Shape as DocumentShape,
  Split as DocumentSplit,
  Stretch as DocumentStretch,
  Take as DocumentTake,
} from './formulaDocument'
export type PartType = NonNullable<Component['type']>
export type DocumentLives = NonNullable<Whole['lives']>

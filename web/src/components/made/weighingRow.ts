/** A line of the slip as it was planned and as it was weighed; `actual` is what stands in the field. */
export interface WeighingRow {
  component: string
  /** Of the line in the document. */
  pointer: string
  text: string
  planned?: number
  actual: string
}

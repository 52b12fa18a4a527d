/** What the shelf can be sorted by, and the same falling. */
export type Column = 'name' | 'fill' | 'grams' | 'pieces' | 'kcal' | 'lives' | 'changed'
export type Order = Column | `-${Column}`

import type { Component } from 'vue'
import type { Pieces } from '@/api/client'

const files = import.meta.glob<Component<{ pieces: Pieces }>>('./*Drawing.vue', { import: 'default', eager: true })

/** The drawing of one piece of a kind of shape, "ball" in BallDrawing.vue; nothing for a kind that has none. */
export const drawingOf = (kind: string): Component<{ pieces: Pieces }> | undefined =>
  files[`./${kind[0]!.toUpperCase()}${kind.slice(1)}Drawing.vue`]

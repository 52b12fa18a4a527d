import type { Component } from 'vue'
import type { Pieces } from '@/api/client'

const files = import.meta.glob<Component<{ pieces: Pieces }>>('./*Drawing.vue', { import: 'default', eager: true })

/** The drawing of one piece of a kind of shape, "ball" in BallDrawing.vue; nothing for a kind that has none. */
export function drawingOf(kind: string): Component<{ pieces: Pieces }> | undefined {
  const name = kind.replace(/(?:^|[-_])(\w)/g, (_, letter: string) => letter.toUpperCase())
  return files[`./${name}Drawing.vue`]
}

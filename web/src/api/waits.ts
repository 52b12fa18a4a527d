import type { Assessment } from './client'

/** A line waits to be mended: nothing can be claimed of the whole. */
export const waits = (assessment?: Assessment): boolean =>
  assessment?.components.some((part) => part.lines.some((line) => line.status !== 'read')) ?? false

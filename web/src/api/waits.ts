import type { Assessment } from './client'

/** A line waits to be mended: nothing can be claimed of the whole. */
export const waits = (assessment?: Assessment): boolean =>
  !!assessment &&
  [...assessment.components, ...(assessment.splits ?? [])].some((part) =>
    [...part.lines, ...('topping' in part ? part.topping : []), ...('takes' in part ? part.takes : [])].some(
      (each) => each.status !== 'read',
    ),
  )

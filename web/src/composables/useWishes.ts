import { computed } from 'vue'
import { api, unwrap, type AssessedLine, type Clash } from '@/api/client'
import type { Draft } from './useDraft'
import { say } from './useNotice'

/** The wishes of a draft. What words mean, and which wish takes the place of which, is the core's to say. */
export function useWishes(draft: Draft) {
  const kept = computed(() => draft.document.value.wishes ?? [])
  let last: Promise<unknown> = Promise.resolve()

  function keep(wishes: string[]) {
    draft.edit('the wishes', (copy) => {
      if (wishes.length) copy.wishes = wishes
      else delete copy.wishes
    })
  }
  /** Adds what words mean, said of a part where there are several; one after the other. Rejects with what is wrong with them. */
  function add(text: string, component?: string): Promise<void> {
    const adding = last.then(async () => {
      const body = { document: draft.document.value, text, ...(component ? { component } : {}) }
      keep((await unwrap(api.POST('/api/wish', { body }))).wishes)
    })
    last = adding.catch(() => {})
    return draft.expect(adding)
  }
  const drop = (...wishes: string[]) => keep(kept.value.filter((wish) => !wishes.includes(wish)))
  /** Lets a line of a part stay as it is when the rest is balanced, or move again. */
  async function toggleLock(line: AssessedLine, component?: string) {
    if (line.locked_by?.length) return drop(...line.locked_by)
    await add(`lock:${line.ingredient}`, component).catch((failure: Error) => say(failure.message))
  }
  /** A wish gives way as a clash says. */
  function relax(change: Clash['relax'][number]) {
    if (!change.becomes) return drop(change.wish)
    keep([...new Set(kept.value.map((wish) => (wish === change.wish ? change.becomes! : wish)))])
  }
  return { kept, add, drop, toggleLock, relax }
}
export type Wishes = ReturnType<typeof useWishes>

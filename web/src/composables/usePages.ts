import { computed, onScopeDispose, ref, shallowRef, watch, type WatchSource } from 'vue'

/** A page of a list as the server has it: rows, how many there are in all, and the cursor of the page behind it. */
export interface Page<Row> {
  rows: Row[]
  count: number
  next?: string
}
/** Milliseconds until rows that are being judged again are asked for anew, and how often at most. */
const SOON = 1000
const TRIES = 30

/**
 * A list that comes a page at a time: `more` fetches the next, a change of `asked` begins anew. Rows that the server is still judging again
 * are asked for until they are judged.
 */
export function usePages<Row extends { stale?: boolean }>(
  ask: (cursor?: string) => Promise<Page<Row>>,
  asked?: WatchSource,
) {
  const pages = shallowRef<(Page<Row> & { from?: string })[]>()
  const error = ref<string>()
  const busy = ref(false)
  // What is answered to an earlier question is passed over.
  let turn = 0
  let again: ReturnType<typeof setTimeout> | undefined
  let tries = 0
  /** More was asked for while something else was on its way. */
  let wanted = false

  async function fetchPage(from: string | undefined, place: (page: Page<Row> & { from?: string }) => void) {
    const mine = turn
    busy.value = true
    try {
      const page = await ask(from)
      if (mine !== turn) return
      error.value = undefined
      place({ ...page, from })
    } catch (failure) {
      if (mine === turn) error.value = (failure as Error).message
    } finally {
      if (mine === turn) busy.value = false
    }
  }
  async function start() {
    turn += 1
    tries = 0
    clearTimeout(again)
    await fetchPage(undefined, (page) => (pages.value = [page]))
    settle()
  }
  const last = () => pages.value?.at(-1)
  async function more() {
    wanted = busy.value
    const next = last()?.next
    if (busy.value || !next) return
    await fetchPage(next, (page) => (pages.value = [...(pages.value ?? []), page]))
    settle()
  }
  /** After what failed: the page that did not come, or the first. */
  const tryAgain = () => (pages.value ? more() : start())
  const waits = (page: Page<Row>) => page.rows.some((row) => row.stale)
  function settle() {
    clearTimeout(again)
    if (!pages.value?.some(waits) || tries >= TRIES) return
    again = setTimeout(async () => {
      tries += 1
      for (const page of pages.value?.filter(waits) ?? [])
        await fetchPage(
          page.from,
          (fresh) => (pages.value = pages.value?.map((each) => (each === page ? fresh : each))),
        )
      settle()
      if (wanted) await more()
    }, SOON)
  }
  if (asked) watch(asked, start)
  onScopeDispose(() => clearTimeout(again))
  void start()
  return {
    rows: computed(() => pages.value?.flatMap((page) => page.rows)),
    count: computed(() => last()?.count ?? 0),
    error,
    busy,
    start,
    more,
    tryAgain,
  }
}

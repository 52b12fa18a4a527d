import { onScopeDispose } from 'vue'
import { api, unwrap } from '@/api/client'
import { say } from './useNotice'

/** Milliseconds that the server is given to look at its data after the start. */
const LOOKING = 5000

/** Says once, for as long as the page is open, that the data is damaged. */
export function useStorageHealth() {
  let later: ReturnType<typeof setTimeout> | undefined
  async function ask(again: boolean) {
    const health = await unwrap(api.GET('/api/health')).catch(() => undefined)
    if (health && !health.ok)
      say(
        `Some of the data on the disk is damaged (${health.storage}). Stop Elm Cup, keep its file as it is, and bring back a backup.`,
      )
    else if (again && health?.storage === 'being looked at') later = setTimeout(() => void ask(false), LOOKING)
  }
  void ask(true)
  onScopeDispose(() => clearTimeout(later))
}

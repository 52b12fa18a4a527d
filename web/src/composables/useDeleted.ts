import { ref } from 'vue'
import { api, unwrap } from '@/api/client'

/** A formula that was deleted in this session and can be brought back. */
export interface Deleted {
  id: number
  name: string
}
const KEY = 'elm-cup:deleted'

function kept(): Deleted[] {
  try {
    return JSON.parse(sessionStorage.getItem(KEY) ?? '[]') as Deleted[]
  } catch {
    return []
  }
}
const deleted = ref<Deleted[]>(kept())

function keep(next: Deleted[]) {
  deleted.value = next
  try {
    sessionStorage.setItem(KEY, JSON.stringify(next))
  } catch {
    // A full device forgets them at the next reload; the notice still offers Undo.
  }
}

/** What was deleted in this session, last first; deleting offers the way back instead of asking. */
export function useDeleted() {
  async function remove({ id, name }: Deleted) {
    await unwrap(api.DELETE('/api/formulas/{id}', { params: { path: { id } } }))
    keep([{ id, name }, ...deleted.value.filter((each) => each.id !== id)])
  }
  async function bringBack(id: number) {
    await unwrap(api.POST('/api/formulas/{id}/restore', { params: { path: { id } } }))
    keep(deleted.value.filter((each) => each.id !== id))
  }
  return { deleted, remove, bringBack }
}

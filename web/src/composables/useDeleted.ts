import { api, unwrap } from '@/api/client'
import { useKeptInTab } from './useKept'

/** A formula that was deleted in this session and can be brought back. */
export interface Deleted {
  id: number
  name: string
}
const KEY = 'elm-cup:deleted'

const deleted = useKeptInTab<Deleted[]>(KEY, () => [])

/** What was deleted in this session, last first; deleting offers the way back instead of asking. */
export function useDeleted() {
  async function remove({ id, name }: Deleted) {
    await unwrap(api.DELETE('/api/formulas/{id}', { params: { path: { id } } }))
    deleted.value = [{ id, name }, ...deleted.value.filter((each) => each.id !== id)]
  }
  async function bringBack(id: number) {
    await unwrap(api.POST('/api/formulas/{id}/restore', { params: { path: { id } } }))
    deleted.value = deleted.value.filter((each) => each.id !== id)
  }
  return { deleted, remove, bringBack }
}

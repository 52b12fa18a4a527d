import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useDeleted } from '@/composables/useDeleted'
import { serve } from './helpers'

beforeEach(() => sessionStorage.clear())
afterEach(() => vi.unstubAllGlobals())

it('keeps what was deleted for the session, so that it can be brought back', async () => {
  const asked = serve({ 'DELETE /api/formulas/7': () => ({}), 'POST /api/formulas/7/restore': () => ({}) })
  const { deleted, remove, bringBack } = useDeleted()
  await remove({ id: 7, name: 'Nib bites' })
  expect(useDeleted().deleted.value).toEqual([{ id: 7, name: 'Nib bites' }])
  expect(sessionStorage.getItem('elm-cup:deleted')).toContain('Nib bites')
  await bringBack(7)
  expect([deleted.value, asked.map((each) => each.method)]).toEqual([[], ['DELETE', 'POST']])
})

it('forgets nothing when the server refuses', async () => {
  serve({})
  const { deleted, remove, bringBack } = useDeleted()
  await expect(remove({ id: 8, name: 'x' })).rejects.toThrow()
  await expect(bringBack(8)).rejects.toThrow()
  expect(deleted.value).toEqual([])
})

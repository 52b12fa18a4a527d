import { expect, it, vi } from 'vitest'
import { notice } from '@/composables/useNotice'
import { fetched, router } from '@/router'
import { settle } from './helpers'

it('says so, with the way on, where a view cannot be fetched', async () => {
  router.addRoute({ path: '/lost', component: () => Promise.reject(new Error('Failed to fetch')) })
  await expect(router.push('/lost')).rejects.toThrow('Failed to fetch')
  expect(notice.value?.text).toBe('That page could not be fetched. Nothing is lost here.')
  expect(notice.value?.action?.word).toBe('Try again')
})

it('fetches a view a second time where the first failed', async () => {
  const view = { default: {} }
  const load = vi.fn().mockRejectedValueOnce(new Error('Failed to fetch')).mockResolvedValue(view)
  const second = fetched(load)()
  await settle(600)
  expect(await second).toBe(view)
  expect(load).toHaveBeenCalledTimes(2)
  load.mockClear().mockRejectedValue(new Error('gone'))
  const gone = expect(fetched(load)()).rejects.toThrow('gone')
  await settle(600)
  await gone
  expect(load).toHaveBeenCalledTimes(2)
})

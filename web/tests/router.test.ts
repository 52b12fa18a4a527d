import { expect, it, vi } from 'vitest'
import { notice } from '@/composables/useNotice'
import { fetched, router } from '@/router'

it('says so, with the way on, where a view cannot be fetched', async () => {
  router.addRoute({ path: '/lost', component: () => Promise.reject(new Error('Failed to fetch')) })
  await expect(router.push('/lost')).rejects.toThrow('Failed to fetch')
  expect(notice.value?.text).toBe('That page could not be fetched. Nothing is lost here.')
  expect(notice.value?.action?.word).toBe('Try again')
})

it('fetches a view a second time where the first failed', async () => {
  const view = { default: {} }
  const load = vi.fn().mockRejectedValueOnce(new Error('Failed to fetch')).mockResolvedValue(view)
  expect(await fetched(load)()).toBe(view)
  expect(load).toHaveBeenCalledTimes(2)
  load.mockClear().mockRejectedValue(new Error('gone'))
  await expect(fetched(load)()).rejects.toThrow('gone')
  expect(load).toHaveBeenCalledTimes(2)
})

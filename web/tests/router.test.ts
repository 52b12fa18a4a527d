import { expect, it } from 'vitest'
import { notice } from '@/composables/useNotice'
import { router } from '@/router'

it('says so, with the way on, where a view cannot be fetched', async () => {
  router.addRoute({ path: '/lost', component: () => Promise.reject(new Error('Failed to fetch')) })
  await expect(router.push('/lost')).rejects.toThrow('Failed to fetch')
  expect(notice.value?.text).toBe('That page could not be fetched. Nothing is lost here.')
  expect(notice.value?.action?.word).toBe('Try again')
})

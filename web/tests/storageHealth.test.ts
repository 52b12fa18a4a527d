import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { api } from '@/api/client'
import { notice } from '@/composables/useNotice'
import { useStorageHealth } from '@/composables/useStorageHealth'

describe('The health of the data', () => {
  let scope = effectScope()
  beforeEach(() => {
    vi.useFakeTimers()
    notice.value = undefined
  })
  afterEach(() => {
    scope.stop()
    vi.restoreAllMocks()
    vi.useRealTimers()
  })
  const answers = (...said: { ok: boolean; storage: string }[]) => {
    const get = vi.spyOn(api, 'GET')
    for (const data of said)
      get.mockResolvedValueOnce({ data: { core_version: 'x', ...data }, response: new Response() } as never)
    scope = effectScope()
    scope.run(useStorageHealth)
    return get
  }

  it('is said where it is bad, be it found only after a while', async () => {
    const get = answers({ ok: true, storage: 'being looked at' }, { ok: false, storage: 'page 7' })
    await vi.advanceTimersByTimeAsync(6000)
    expect(get).toHaveBeenCalledTimes(2)
    expect(notice.value!.text).toContain('damaged (page 7)')
  })

  it('is not spoken of where it is good', async () => {
    const get = answers({ ok: true, storage: 'sound' })
    await vi.advanceTimersByTimeAsync(60_000)
    expect(get).toHaveBeenCalledTimes(1)
    expect(notice.value).toBeUndefined()
  })
})

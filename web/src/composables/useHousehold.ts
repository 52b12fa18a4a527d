import { ref, shallowRef } from 'vue'
import { api, unwrap, type Kitchen } from '@/api/client'
import { forgetLibrary } from './useLibrary'
import { say } from './useNotice'

/** The household's kitchen: kept at every change, one after another; what another device changed is not overwritten unseen. */
export function useHousehold() {
  const kitchen = shallowRef<Kitchen>()
  const error = ref<string>()
  let last: Promise<unknown> = Promise.resolve()

  const load = async () => {
    try {
      kitchen.value = await unwrap(api.GET('/api/kitchen'))
      error.value = undefined
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  void load()

  async function keep(changed: Kitchen, words: string, undo?: Kitchen) {
    const call = await api.PUT('/api/kitchen', { body: changed }).catch(() => undefined)
    if (call?.response.status === 409) {
      const stale = call.error as unknown as { kept: Kitchen }
      kitchen.value = stale.kept
      return say('The kitchen was changed on another device: here is how it is now. Make your change again.')
    }
    try {
      kitchen.value = await unwrap(Promise.resolve(call!))
      forgetLibrary()
      say(words, undo ? { word: 'Undo', run: () => void change(() => undo, 'The kitchen is as it was.') } : undefined)
    } catch (failure) {
      say((failure as Error).message)
      await load()
    }
  }
  /** Keeps what the change makes of the kitchen as it is then. */
  function change(make: (now: Kitchen) => Kitchen, words: string, undoable = false) {
    last = last.then(async () => {
      const now = kitchen.value
      if (now) await keep({ ...make(now), revision: now.revision }, words, undoable ? now : undefined)
    })
    return last
  }
  return { kitchen, error, change }
}

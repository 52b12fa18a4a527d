import { useStorage, type RemovableRef } from '@vueuse/core'

// Where the browser keeps nothing, because it is full or may not, the value holds until the page is left, and nobody is stopped by it.
const OPTIONS = { flush: 'sync', onError: () => {} } as const
/** A value that this browser keeps from one visit to the next, under `key`. */
export const useKept = <T>(key: string, usual: () => T): RemovableRef<T> =>
  useStorage(key, usual, undefined, { ...OPTIONS, mergeDefaults: true })
/**
 * The same, where several changes may come at one moment and each must be kept: what other tabs keep under the key is not listened to, since
 * the listening passes over a change that follows at once.
 */
export const useKeptAtOnce = <T>(key: string, usual: () => T): RemovableRef<T> =>
  useStorage(key, usual, undefined, { ...OPTIONS, mergeDefaults: true, listenToStorageChanges: false })
/** The same for as long as the tab is open. */
export const useKeptInTab = <T>(key: string, usual: () => T): RemovableRef<T> => {
  let tab: Storage | undefined
  try {
    tab = sessionStorage
  } catch {
    // It may keep nothing.
  }
  return useStorage(key, usual, tab, { ...OPTIONS, mergeDefaults: true, listenToStorageChanges: false })
}

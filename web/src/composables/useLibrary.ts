import { shallowRef } from 'vue'
import { api, unwrap, type Library } from '@/api/client'

const library = shallowRef<Library>()
let asked: Promise<void> | undefined

/** What can be chosen from; asked once. */
export function useLibrary() {
  asked ??= unwrap(api.GET('/api/library'))
    .then((answer) => void (library.value = answer))
    .catch(() => void (asked = undefined))
  return library
}

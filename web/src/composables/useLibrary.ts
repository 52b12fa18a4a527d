import { shallowRef } from 'vue'
import { api, unwrap, type Library } from '@/api/client'

const library = shallowRef<Library>()
let asked: Promise<void> | undefined

function ask() {
  asked ??= unwrap(api.GET('/api/library'))
    .then((answer) => void (library.value = answer))
    .catch(() => void (asked = undefined))
}

/** What can be chosen from; asked once. */
export function useLibrary() {
  ask()
  return library
}

/** The pantry changed: what can be chosen from is asked anew. */
export function forgetLibrary() {
  asked = undefined
  ask()
}

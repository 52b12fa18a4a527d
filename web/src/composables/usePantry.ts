import { ref, shallowRef } from 'vue'
import { api, unwrap, type OwnIngredient, type Pantry } from '@/api/client'
import { forgetLibrary } from './useLibrary'
import { say } from './useNotice'

/** The household's pantry: every row with its figures, and what is its own. Each change is kept at once and can be taken back. */
export function usePantry() {
  const pantry = shallowRef<Pantry>()
  const error = ref<string>()

  async function load() {
    try {
      pantry.value = await unwrap(api.GET('/api/pantry'))
    } catch (failure) {
      error.value = (failure as Error).message
    }
  }
  const ownOf = (id: string) => pantry.value?.own.find((each) => each.id === id)

  /** Keeps ingredients, all or none. Rejects with a sentence for the cook. */
  async function keep(ingredients: OwnIngredient[]) {
    pantry.value = await unwrap(api.POST('/api/pantry', { body: { ingredients } }))
    forgetLibrary()
  }
  /** What the cook put over a row, or an ingredient of her own, goes; the notice brings it back. */
  async function forget(id: string, name: string) {
    try {
      const gone = await unwrap(api.DELETE('/api/pantry/{key}', { params: { path: { key: id } } }))
      await load()
      forgetLibrary()
      say(`“${name}” is as it was.`, {
        word: 'Undo',
        run: () => keep([gone]).catch((failure: Error) => say(failure.message)),
      })
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  async function setCurrency(value: string) {
    try {
      await unwrap(api.PUT('/api/settings/currency', { body: { value } }))
      await load()
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  return { pantry, error, load, ownOf, keep, forget, setCurrency }
}

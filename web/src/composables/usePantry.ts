import { ref, shallowRef } from 'vue'
import { api, unwrap, type OwnIngredient, type Pantry } from '@/api/client'
import { forgetLibrary } from './useLibrary'
import { fileName, saveFile } from './saveFile'
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
        run: () => keep([gone as OwnIngredient]).catch((failure: Error) => say(failure.message)),
      })
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  /** Saves an ingredient that cannot be read as a file; the file's name. */
  function saveAside(id: string) {
    const found = pantry.value?.aside.find(({ key }) => key === id)
    if (!found) return
    const name = `${fileName(id)}.json`
    saveFile(name, JSON.stringify(found.ingredient, null, 2))
    return name
  }
  /** Takes it out; it could not be kept again, so that it is saved as a file first. */
  async function dropAside(id: string) {
    const name = saveAside(id)
    try {
      await unwrap(api.DELETE('/api/pantry/{key}', { params: { path: { key: id } } }))
      await load()
      forgetLibrary()
      say(`“${id}” is out; it was saved as ${name}.`)
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  /** It is read as it is stored; what was made of it takes its place, where it can be kept. */
  const mendAside = {
    read: (id: string) => pantry.value?.aside.find(({ key }) => key === id)?.ingredient,
    keep: (_: string, document: unknown) => keep([document as OwnIngredient]),
  }
  async function setCurrency(value: string) {
    try {
      await unwrap(api.PUT('/api/settings/currency', { body: { value } }))
      await load()
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  return { pantry, error, load, ownOf, keep, forget, saveAside, dropAside, mendAside, setCurrency }
}

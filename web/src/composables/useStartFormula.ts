import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/api/client'
import { emptyFormula } from '@/api/document'
import { say } from './useNotice'

/** Starts an empty formula and opens it. */
export function useStartFormula() {
  const router = useRouter()
  const starting = ref(false)
  async function start() {
    starting.value = true
    try {
      const made = await unwrap(api.POST('/api/formulas', { body: emptyFormula('New formula') }))
      await router.push(`/formulas/${made.id}/mix`)
    } catch (failure) {
      say((failure as Error).message)
    } finally {
      starting.value = false
    }
  }
  return { start, starting }
}

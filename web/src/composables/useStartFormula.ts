import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/api/client'
import { deviceName } from './useBatchLog'
import { say } from './useNotice'

/** Begins a formula and opens it; it is on the shelf once it has a line. */
export function useStartFormula() {
  const router = useRouter()
  const starting = ref(false)
  async function start() {
    starting.value = true
    try {
      const begun = await unwrap(api.POST('/api/drafts', { body: { device: deviceName() } }))
      await router.push(`/formulas/${begun.formula_id}/mix`)
    } catch (failure) {
      say((failure as Error).message)
    } finally {
      starting.value = false
    }
  }
  return { start, starting }
}

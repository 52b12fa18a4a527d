import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useBatchLog } from './useBatchLog'
import { say } from './useNotice'

/** Begins a batch of a version, so many times of it, and opens it at the counter. */
export function useStartMake() {
  const router = useRouter()
  const starting = ref(false)
  const log = useBatchLog()
  async function start(formula: number, version: number, scale = 1) {
    starting.value = true
    const batch = crypto.randomUUID()
    try {
      await log.append(batch, log.events([['started', { formula, version, scale }]]))
      await router.push(`/make/${batch}`)
    } catch (failure) {
      say((failure as Error).message)
    } finally {
      starting.value = false
    }
  }
  return { start, starting }
}

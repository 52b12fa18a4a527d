import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/api/client'
import { say } from './useNotice'

/** Two days from now, at six in the evening: where a plan begins before anything is said. */
function evening(): string {
  const day = new Date(Date.now() + 2 * 86_400_000)
  return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}T18:00`
}
export const zone = () => Intl.DateTimeFormat().resolvedOptions().timeZone

/** Begins a plan of some formulas and opens it. */
export function useStartPlan() {
  const router = useRouter()
  const starting = ref(false)
  async function start(formulas: number[]) {
    starting.value = true
    try {
      const plan = await unwrap(
        api.POST('/api/plans', {
          body: {
            elm_cup: 'plan-request/1',
            mode: 'ready_by',
            at: evening(),
            zone: zone(),
            formulas: formulas.map((formula) => ({ formula })),
          },
        }),
      )
      await router.push(`/plans/${plan.id}`)
    } catch (failure) {
      say((failure as Error).message)
    } finally {
      starting.value = false
    }
  }
  return { start, starting }
}

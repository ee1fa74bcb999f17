// What every screen does around a request: shows that it is under way, and says what went wrong.
//
//   const { error, run } = useRequest()
//   await run(async () => (today.value = await unwrap(api.GET('/api/today'))))
import { computed, ref, shallowRef } from 'vue'
import { asProblem, type Problem } from '@/api/client'

export function useRequest() {
  const problem = shallowRef<Problem | null>(null)
  const error = computed(() => problem.value?.message ?? '')
  const field = computed(() => problem.value?.field ?? null)
  const underWay = ref(0)
  const busy = computed(() => underWay.value > 0)

  /** What `work` gives, or undefined when it was refused or failed: `problem` then says why. */
  async function run<T>(work: () => Promise<T>): Promise<T | undefined> {
    underWay.value += 1
    problem.value = null
    try {
      return await work()
    } catch (cause) {
      problem.value = asProblem(cause)
      return undefined
    } finally {
      underWay.value -= 1
    }
  }
  return { problem, error, field, busy, run }
}

// What opens or replaces everything wants the password again, when it was not given lately.
import { ref } from 'vue'

/** Set while the password is being asked for; told whether it was given. */
export const asking = ref<((given: boolean) => void) | null>(null)

/** Asks for the password; true once it was right. */
export const askPassword = () =>
  new Promise<boolean>((settle) => {
    asking.value = (given) => {
      asking.value = null
      settle(given)
    }
  })

/** An answer; where the server wants the password first, that of a second request after it. */
export async function freshly(request: () => Promise<Response>): Promise<Response> {
  const answer = await request()
  if (answer.status !== 403) return answer
  const problem = (await answer
    .clone()
    .json()
    .catch(() => ({}))) as { code?: string }
  if (problem.code !== 'fresh_sign_in' || !(await askPassword())) return answer
  return request()
}

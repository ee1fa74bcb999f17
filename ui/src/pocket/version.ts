// Whether a newer version of the program waits.
import { reactive } from 'vue'

export const update = reactive({ waits: false })

/** The office has another version than this page came with: the service worker fetches it, which
 * says when it is there; without one the page is loaded anew when it may be. */
export async function otherVersion() {
  const workers = 'serviceWorker' in navigator ? navigator.serviceWorker : null
  const registration = await workers?.getRegistration().catch(() => undefined)
  if (registration) await registration.update().catch(() => {})
  else update.waits = true
}

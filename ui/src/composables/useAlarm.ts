// What a timer does when it ends: a short sound and a buzz, unless this device has been asked to
// be quiet.
import { ref } from 'vue'

const KEY = 'munimen.quiet'
export const quiet = ref(localStorage.getItem(KEY) === '1')
export function setQuiet(value: boolean) {
  quiet.value = value
  if (value) localStorage.setItem(KEY, '1')
  else localStorage.removeItem(KEY)
}

/** Whether the browser may tell when the page is not looked at; null: it cannot. */
export const telling = ref('Notification' in window ? Notification.permission : null)
export async function askToTell() {
  telling.value = await Notification.requestPermission()
}
/** Tells that something is over where nobody looks at the page. */
async function tell(what: string) {
  if (telling.value !== 'granted' || document.visibilityState === 'visible') return
  const registration = await navigator.serviceWorker?.getRegistration()
  const options = { tag: what, icon: '/icon-192.png', requireInteraction: true }
  if (registration) await registration.showNotification(what, options)
  else new Notification(what, options)
}

let context: AudioContext | undefined
export function alarm(what: string) {
  void tell(what).catch(() => {})
  if (quiet.value) return
  navigator.vibrate?.([300, 120, 300])
  try {
    context ??= new AudioContext()
    ;[0, 0.28, 0.56].forEach((at) => {
      const tone = context!.createOscillator()
      const loud = context!.createGain()
      tone.frequency.value = 740
      loud.gain.setValueAtTime(0.0001, context!.currentTime + at)
      loud.gain.exponentialRampToValueAtTime(0.35, context!.currentTime + at + 0.02)
      loud.gain.exponentialRampToValueAtTime(0.0001, context!.currentTime + at + 0.2)
      tone.connect(loud).connect(context!.destination)
      tone.start(context!.currentTime + at)
      tone.stop(context!.currentTime + at + 0.22)
    })
  } catch {
    // A browser without sound still shows that it is over.
  }
}

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

let context: AudioContext | undefined
export function alarm() {
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

// For hands that are wet and eyes that are two metres away: what stands on the card is read aloud,
// where the device has a voice of its own, and numbers stand large. Each is chosen by one touch and
// remembered on this device.
import { ref } from 'vue'
import { tag } from '@/i18n'

const ALOUD = 'munimen.aloud'
const LARGE = 'munimen.large'
const YES = 'yes'

/** Whether this device has a voice. */
export const hasVoice = () => 'speechSynthesis' in window
export const aloud = ref(false)
export const large = ref(false)

/** Chosen before, on this device. */
export function recall() {
  aloud.value = hasVoice() && localStorage.getItem(ALOUD) === YES
  setLarge(localStorage.getItem(LARGE) === YES)
}
export function setAloud(on: boolean) {
  aloud.value = on
  localStorage.setItem(ALOUD, on ? YES : '')
  if (!on) speechSynthesis.cancel()
}
export function setLarge(on: boolean) {
  large.value = on
  localStorage.setItem(LARGE, on ? YES : '')
  document.documentElement.classList.toggle('from-afar', on)
}

/** Says it, after what is being said; nothing where nobody wants it. */
export function say(...texts: (string | null | undefined)[]) {
  const text = texts.filter(Boolean).join('. ')
  if (!aloud.value || !text) return
  const spoken = new SpeechSynthesisUtterance(text)
  spoken.lang = tag()
  speechSynthesis.speak(spoken)
}

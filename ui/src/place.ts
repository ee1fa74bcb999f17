// Whose pages are on the screen: their words, and what burns there.
import spanish from '@core/words/emergency.es.json'
import english from '@core/words/emergency.json'
import { computed, reactive } from 'vue'
import { i18n, setLocale } from '@/i18n'

export const place = reactive({ units: 'us', fuel: '' })

/** A site's page is on the screen, about a heater with this fuel; '' where nothing burns. */
export function at(units: string, fuel = '') {
  Object.assign(place, { units, fuel })
  setLocale(units)
}

/** What is done at once, in the words of whoever reads. */
export const emergency = computed(() => (i18n.global.locale.value === 'es' ? spanish : english))

/** Whom to call there. Mains gas and bottled gas have numbers of their own; where neither is known
 * both are said. */
export const emergencyNumbers = computed(() => {
  const words = emergency.value
  const countries: Record<string, typeof english.numbers.us | undefined> = words.numbers
  const all = countries[place.units] ?? words.numbers.us
  const kinds: Record<string, string | undefined> = english.by_fuel
  const kind = kinds[place.fuel]
  return Object.entries(all)
    .filter(([one]) => !kind || one === kind)
    .map(([, text]) => text)
})

// Whose pages are on the screen: their words, and what burns there.
import words from '@core/words/emergency.json'
import { computed, reactive } from 'vue'
import { setLocale } from '@/i18n'

export const place = reactive({ units: 'us', fuel: '' })

/** A site's page is on the screen, about a heater with this fuel; '' where nothing burns. */
export function at(units: string, fuel = '') {
  Object.assign(place, { units, fuel })
  setLocale(units)
}

/** Whom to call there. Mains gas and bottled gas have numbers of their own; where neither is known
 * both are said. */
export const emergencyNumbers = computed(() => {
  const countries: Record<string, typeof words.numbers.us | undefined> = words.numbers
  const all = countries[place.units] ?? words.numbers.us
  const kinds: Record<string, string | undefined> = words.by_fuel
  const kind = kinds[place.fuel]
  return Object.entries(all)
    .filter(([one]) => !kind || one === kind)
    .map(([, text]) => text)
})

// Whose pages are on the screen: their words, and what burns there.
import { reactive } from 'vue'
import { setLocale } from '@/i18n'

export const place = reactive({ units: 'us', fuel: '' })

/** A site's page is on the screen, about a heater with this fuel; '' where nothing burns. */
export function at(units: string, fuel = '') {
  Object.assign(place, { units, fuel })
  setLocale(units)
}

// Texts of the interface in the two vocabularies; a site has one. English (England) says only
// what differs.
import { createI18n } from 'vue-i18n'
import england from './en-GB'
import us from './en'

export const i18n = createI18n({
  legacy: false,
  locale: 'us',
  fallbackLocale: 'us',
  messages: { us, england },
})

/** Speaks the words of a site's units from here on: 'us' or 'england'. */
export function setLocale(units: string) {
  i18n.global.locale.value = units === 'england' ? 'england' : 'us'
  document.documentElement.lang = units === 'england' ? 'en-GB' : 'en-US'
}

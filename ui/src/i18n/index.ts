// Texts of the interface in the two vocabularies; a site has one. English (England) says only
// what differs, Spanish what the customer's page says.
import { createI18n } from 'vue-i18n'
import england from './en-GB'
import us from './en'
import canada from './en-CA'
import es from './es'

export const i18n = createI18n({
  legacy: false,
  locale: 'us',
  fallbackLocale: 'us',
  messages: { us, england, canada, es },
})

const TAGS = { us: 'en-US', england: 'en-GB', canada: 'en-CA', es: 'es-US' } as const
type Locale = keyof typeof TAGS
const known = (name: string): Locale =>
  name === 'england' || name === 'canada' || name === 'es' ? name : 'us'

/** Speaks the words of a site's units, 'us', 'canada' or 'england', or a language, 'es', from here on. */
export function setLocale(name: string) {
  i18n.global.locale.value = known(name)
  document.documentElement.lang = tag()
}

/** The tag of what is spoken now, such as "en-GB". */
export const tag = () => TAGS[known(i18n.global.locale.value)]

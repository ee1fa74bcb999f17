// Texts of the interface in the vocabularies; a site has one. English (England) says only what
// differs, another language what a customer reads who has no account.
import { createI18n } from 'vue-i18n'
import england from './en-GB'
import us from './en'
import canada from './en-CA'
import es from './es'
import fr from './fr'

export const i18n = createI18n({
  legacy: false,
  locale: 'us',
  fallbackLocale: 'us',
  messages: { us, england, canada, es, fr },
})

const TAGS = { us: 'en-US', england: 'en-GB', canada: 'en-CA', es: 'es-US', fr: 'fr-CA' } as const
type Locale = keyof typeof TAGS
const there = (name: string): name is Locale => name in TAGS
const known = (...names: string[]): Locale => names.find(there) ?? 'us'

/**
 * Speaks the words of a site's units ('us', 'canada', 'england') or of a language ('es') from here
 * on: of the first of those named that there is.
 */
export function setLocale(...names: string[]) {
  i18n.global.locale.value = known(...names)
  document.documentElement.lang = tag()
}

/** The tag of what is spoken now, such as "en-GB". */
export const tag = () => TAGS[known(i18n.global.locale.value)]

// Texts of the interface in the vocabularies; a site has one. English (England) says only what
// differs, Spanish all of it, French what a customer reads who has no account.
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
/** Those in which somebody reads a page of theirs. */
const PAGES = { es: true, fr: true }
type Locale = keyof typeof TAGS
const there = (name: string): name is Locale => name in TAGS
const known = (...names: string[]): Locale => names.find(there) ?? 'us'

/** What whoever works here reads: 'en', in which each site has words of its own, or 'es'. */
let reader = globalThis.navigator?.language?.startsWith('es') ? 'es' : 'en'
/** What was last asked for. */
let asked: string[] = ['us']

/**
 * Speaks the words of a site's units ('us', 'canada', 'england') or of a language ('es') from here
 * on: of the first of those named that there is; in the reader's language where it is English that
 * was asked for.
 */
export function setLocale(...names: string[]) {
  asked = names
  const named = known(...names)
  i18n.global.locale.value = named in PAGES || reader === 'en' ? named : known(reader)
  document.documentElement.lang = tag()
}

/** What whoever works here reads, as a browser says it to a server. */
export const spoken = () => reader

/** Speaks to somebody else from here on. language: of a person, such as 'es'. */
export function setReader(language: string) {
  reader = language
  setLocale(...asked)
}

/** Whether the site on the screen is one where the clock has 24 hours. */
export const by24 = () => asked.includes('england')

/** The tag of what is spoken now, such as "en-GB". */
export const tag = () => TAGS[known(i18n.global.locale.value)]

// What stands typed in the fields of a step and is not kept yet: *Done* sends all of it first, so
// that nothing typed is ever left behind.
import { inject, onBeforeUnmount, provide, shallowReactive } from 'vue'
import type { InjectionKey, Ref } from 'vue'

export interface Entry {
  /** What is typed and not sent; empty: nothing. */
  text: Ref<string>
  /** Sends it; false where it was not taken: its error then stands at the field. */
  keep: () => Promise<boolean>
  focus: () => void
}

const KEY: InjectionKey<Map<string, Entry>> = Symbol('typed')

/** Where the text of a reading that was not sent yet outlives a reload. */
export const draftKey = (visit: string, reading: string) => `munimen.draft.${visit}.${reading}`
export const drafted = (visit: string, reading: string) =>
  !!localStorage.getItem(draftKey(visit, reading))

/** For a step: the fields on it, by their names, in the order in which they were put there. */
export function gatherTyped() {
  const entries = shallowReactive(new Map<string, Entry>())
  provide(KEY, entries)
  const typed = (name: string) => !!entries.get(name)?.text.value.trim()
  /** Sends what is typed, one after the other; false at the first that was not taken. */
  async function keepAll() {
    for (const [name, entry] of [...entries]) {
      if (!typed(name) || (await entry.keep())) continue
      entry.focus()
      return false
    }
    return true
  }
  return { typed, keepAll }
}

/** For a field: makes itself known to its step, where there is one. */
export function joinTyped(name: string, entry: Entry) {
  const entries = inject(KEY, null)
  entries?.set(name, entry)
  onBeforeUnmount(() => {
    if (entries?.get(name)?.keep === entry.keep) entries.delete(name)
  })
}

/** What is said before anything else of a step: the plain acts on the way to it. */
const LEAD: InjectionKey<() => Promise<boolean>> = Symbol('lead')
export const provideLead = (lead: () => Promise<boolean>) => provide(LEAD, lead)
export const useLead = () => inject(LEAD, () => Promise.resolve(true))

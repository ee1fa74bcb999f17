// What lies unsent, in the words of the screen on which it was written: which customer's, which
// question and which answer.
import { ref, watch, type Ref } from 'vue'
import type { Visit } from '@/api/client'
import { session } from '@/api/session'
import { shownOf, type Write } from '@/pocket/shelf'

const visitOf = (entry: Write) => entry.path.match(/^\/api\/visits\/([^/]+)\//)?.[1] ?? null
const text = (value: unknown) => (typeof value === 'string' ? value : '')
const plain = (value: string) => value.replaceAll('_', ' ')

/** entries: what is listed. Gives for each {customer, what, answer}, as far as that is known here. */
export function useUnsentWords(entries: Ref<Write[]>) {
  const visits = ref<Record<string, Visit | null>>({})
  watch(
    entries,
    async (all) => {
      const person = session.person?.id
      for (const id of new Set(all.map(visitOf)))
        if (id && person !== undefined && !(id in visits.value))
          visits.value[id] = (await shownOf(person, id).catch(() => null)) as Visit | null
    },
    { immediate: true },
  )
  const step = (visit: Visit | null, operation: string) =>
    [...(visit?.plan.steps ?? []), ...(visit?.done ?? [])].find(
      (one) => one.operation === operation,
    )?.title ?? plain(operation)
  const read = (visit: Visit | null, name: string) =>
    visit?.plan.steps.flatMap((one) => one.reads).find((one) => one.name === name)
  const look = (visit: Visit | null, item: string) =>
    visit?.plan.steps.flatMap((one) => one.looks ?? []).find((one) => one.id === item)
  const known = (visit: Visit | null, name: string) =>
    visit?.answers.find((one) => one.name === name)?.ask

  function ofReading(visit: Visit | null, body: Write['body']) {
    const name = text(body.name)
    const field = read(visit, name)
    const choice = field?.choices?.find((one) => one.id === body.value)?.label
    const value = choice ?? [text(body.value), field?.unit].filter(Boolean).join(' ')
    return { what: field?.ask ?? known(visit, name) ?? plain(name), answer: value }
  }
  function ofLook(visit: Visit | null, items: { item: string; finding: string }[]) {
    const [first] = items
    if (!first || items.length > 1) return { what: '', answer: String(items.length) }
    const line = look(visit, first.item)
    const found = line?.findings.find((one) => one.id === first.finding)?.text
    return {
      what: line?.ask ?? known(visit, first.item) ?? plain(first.item),
      answer:
        found ?? (first.finding === 'sound' ? line?.sound : undefined) ?? plain(first.finding),
    }
  }
  return (entry: Write) => {
    const id = visitOf(entry)
    const visit = (id && visits.value[id]) || null
    const customer = visit ? `${visit.place.customer} · ${visit.heater.label}` : ''
    const { body } = entry
    if (entry.path.endsWith('/readings')) return { customer, ...ofReading(visit, body) }
    if (Array.isArray(body.items)) return { customer, ...ofLook(visit, body.items as never) }
    if (text(body.operation))
      return { customer, what: step(visit, text(body.operation)), answer: text(body.reason) }
    const rest = [body.name, body.value, body.text, body.subject, body.reason].map(text)
    return { customer, what: '', answer: rest.filter(Boolean).map(plain).join(' · ') }
  }
}

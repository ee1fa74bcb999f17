// Takes answers of the visit on the screen back: at one touch; where a danger hangs on one, the
// office asks why, and the dialog with it.
import { computed, ref, type Ref } from 'vue'
import { asProblem, type Visit } from '@/api/client'
import type { VisitOnScreen } from './useVisit'

interface Asked {
  id: string
  text: string
  who: string | null
}

export function useTakeBack(
  visit: Ref<Visit | null>,
  put: VisitOnScreen['put'],
  error: Ref<string>,
) {
  const asked = ref<Asked | null>(null)

  async function takeBack(id: string, reason: string | null = null, told: string | null = null) {
    error.value = ''
    try {
      await put('take-back', { of: id, reason, told })
      asked.value = null
    } catch (cause) {
      const { code, message, details } = asProblem(cause)
      if (code === 'danger_taken_back' || code === 'others_danger')
        asked.value = { id, text: message, who: details.who ? String(details.who) : null }
      else error.value = message
    }
  }
  const answer = computed(() => {
    const one = visit.value?.answers.find((known) => known.id === asked.value?.id)
    return one ? `${one.ask}: ${one.text}` : ''
  })
  /** The one given last: what a key takes back. */
  const last = () => {
    const one = visit.value?.answers.at(-1)
    if (one) void takeBack(one.id)
  }
  return { asked, answer, takeBack, takeBackLast: last }
}

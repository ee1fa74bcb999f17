// A visit stands on the screen at once as it was shown last, while whoever answers – server, or Ruby
// in the pocket – is still asked. What is touched meanwhile is kept, and judged by them.
import { onBeforeUnmount, toRaw, watch, type Ref } from 'vue'
import type { Visit } from '@/api/client'
import { session } from '@/api/session'
import { isTraining } from '@/api/training'
import { keepShown, shownOf } from '@/pocket/shelf'

const QUIET = 400 // ms without a change before it is written down

export function useShown(id: string, visit: Ref<Visit | null>) {
  const account = session.person?.id
  if (!account || isTraining(id)) return
  let timer = 0
  let at = Date.now()
  void shownOf(account, id)
    .then((was) => (visit.value ??= was as Visit | null))
    .catch(() => {})
  const write = () => {
    const plain = JSON.parse(JSON.stringify(toRaw(visit.value))) as Visit | null
    if (plain) void keepShown(account, id, plain, at).catch(() => {})
  }
  watch(visit, () => {
    at = Date.now()
    clearTimeout(timer)
    timer = window.setTimeout(write, QUIET)
  })
  onBeforeUnmount(() => {
    clearTimeout(timer)
    write()
  })
}

// A new version of the program waits until nothing is unsent and no visit is open. That there is
// one is told by the service worker, or by the office itself where that has a version of its own.
import { watch } from 'vue'
import { registerSW } from 'virtual:pwa-register'
import { outbox } from '@/api/outbox'
import { router } from '@/router'
import { update } from './version'

export function watchForUpdates() {
  const onNeedRefresh = () => {
    update.waits = true
  }
  const takeOver =
    'serviceWorker' in navigator
      ? registerSW({ onNeedRefresh })
      : () => Promise.resolve(location.reload())
  const free = () =>
    update.waits &&
    !outbox.waiting.length &&
    !outbox.refused.length &&
    !['visit', 'visit-faults'].includes(String(router.currentRoute.value.name))
  watch(free, (now) => now && void takeOver(true))
}

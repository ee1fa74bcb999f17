// A new version of the program waits until nothing is unsent and no visit is open.
import { reactive, watch } from 'vue'
import { registerSW } from 'virtual:pwa-register'
import { outbox } from '@/api/outbox'
import { router } from '@/router'

export const update = reactive({ waits: false })

export function watchForUpdates() {
  if (!('serviceWorker' in navigator)) return
  const takeOver = registerSW({
    onNeedRefresh: () => {
      update.waits = true
    },
  })
  const free = () =>
    update.waits &&
    !outbox.waiting.length &&
    !outbox.refused.length &&
    !['visit', 'visit-faults'].includes(String(router.currentRoute.value.name))
  watch(free, (now) => now && void takeOver(true))
}

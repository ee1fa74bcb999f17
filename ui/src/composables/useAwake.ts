// While something runs the screen stays on (Screen Wake Lock), where the browser can.
import { onBeforeUnmount, onMounted } from 'vue'

export function useAwake() {
  let lock: WakeLockSentinel | null = null
  /** A page that was away has lost its lock. */
  async function hold() {
    if (document.visibilityState !== 'visible') return
    const locks = navigator.wakeLock as WakeLock | undefined
    lock = (await locks?.request('screen').catch(() => null)) ?? null
  }
  onMounted(() => {
    void hold()
    document.addEventListener('visibilitychange', hold)
  })
  onBeforeUnmount(() => {
    document.removeEventListener('visibilitychange', hold)
    void lock?.release().catch(() => {})
  })
}

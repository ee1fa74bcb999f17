// A timer that goes on through a reload: its start is kept by name; it sounds once when it ends.
import { computed, onBeforeUnmount, ref } from 'vue'
import { alarm } from '@/composables/useAlarm'

export function useTimer(name: string) {
  const key = `munimen.timer.${name}`
  const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as {
    at: number
    seconds: number
  } | null
  const started = ref(kept?.at ?? 0)
  const length = ref(kept?.seconds ?? 0)
  const now = ref(Date.now())
  const running = computed(
    () => started.value > 0 && now.value < started.value + length.value * 1000,
  )
  const over = computed(() => started.value > 0 && !running.value)
  const left = computed(() =>
    started.value ? Math.max(0, length.value - (now.value - started.value) / 1000) : length.value,
  )
  const gone = computed(() => (started.value ? (now.value - started.value) / 1000 : 0))
  let ticking = 0
  function tick() {
    const was = running.value
    now.value = Date.now()
    if (was && !running.value) alarm(document.title)
  }
  function start(seconds: number) {
    started.value = now.value = Date.now()
    length.value = seconds
    localStorage.setItem(key, JSON.stringify({ at: started.value, seconds }))
  }
  function stop() {
    started.value = 0
    localStorage.removeItem(key)
  }
  ticking = window.setInterval(tick, 200)
  onBeforeUnmount(() => clearInterval(ticking))
  return { start, stop, running, over, left, gone, length }
}

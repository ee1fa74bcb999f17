// Single keys, as long as nobody is typing in a field and no dialog is open.
import { onBeforeUnmount, onMounted } from 'vue'

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))

/** A dialog that is on view; those that wait hidden in the page do not count. */
const dialogOpen = () =>
  [...document.querySelectorAll('[role="dialog"]:not([hidden])')].some(
    (one) => one.getClientRects().length > 0,
  )

export function useKeys(actions: Record<string, () => void>) {
  const listen = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return
    if (event.key !== 'Escape' && dialogOpen()) return
    const action = actions[event.key]
    if (!action) return
    event.preventDefault()
    action()
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}

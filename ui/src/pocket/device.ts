// Which device this is, so that the office can tell its entries from another's. It is no secret.
const KEPT = 'munimen.device'

export function deviceId(): string {
  const kept = localStorage.getItem(KEPT)
  if (kept) return kept
  const made = crypto.randomUUID?.() ?? String(Math.random()).slice(2).padEnd(16, '0')
  localStorage.setItem(KEPT, made)
  return made
}

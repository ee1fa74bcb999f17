// Writes that survive a reload, a closed tab and a lost connection: each is kept in the browser's
// storage with its UUID until the server has acknowledged it, and sent in order. Sending twice does no
// harm, since the server knows the UUID.
import { reactive } from 'vue'
import { csrf, Problem, problemFrom, uuid } from './client'

export interface Write {
  id: string
  path: string
  body: Record<string, unknown>
}

const KEY = 'munimen.outbox'
export const outbox = reactive<{ waiting: Write[]; offline: boolean }>({ waiting: load(), offline: false })

const settled = new Map<string, { resolve: (value: unknown) => void; reject: (why: Problem) => void }>()
let sending: Promise<void> | null = null

function load(): Write[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Write[]
  } catch {
    return []
  }
}
const keep = () => localStorage.setItem(KEY, JSON.stringify(outbox.waiting))

/** Queues a write and resolves with the server's answer; rejects with a Problem if it is refused. While
 * there is no connection it stays pending. */
export function write<T>(path: string, body: Record<string, unknown> = {}): Promise<T> {
  const entry: Write = { id: uuid(), path, body: { ...body } }
  if (!('items' in body) && !path.endsWith('/start')) entry.body.id ??= entry.id // items carry their own
  outbox.waiting.push(entry)
  keep()
  const answer = new Promise<T>((resolve, reject) => settled.set(entry.id, { resolve: resolve as (v: unknown) => void, reject }))
  void flush()
  return answer
}

export function flush(): Promise<void> {
  sending ??= sendAll().then((emptied) => {
    sending = null
    // What was queued by whoever the last answer woke up must not wait for the timer.
    if (emptied && outbox.waiting.length) return flush()
  })
  return sending
}

/** Sends until nothing waits (true), or until it has to stop (false). */
async function sendAll(): Promise<boolean> {
  while (outbox.waiting.length) {
    const entry = outbox.waiting[0]!
    let response: Response
    try {
      response = await fetch(entry.path, {
        method: 'POST',
        credentials: 'same-origin',
        headers: { 'Content-Type': 'application/json', 'X-CSRF-Token': csrf() },
        body: JSON.stringify(entry.body),
      })
    } catch {
      outbox.offline = true
      return false
    }
    outbox.offline = false
    if (response.status === 401 || (response.status === 403 && !csrf())) return false // kept until somebody has signed in
    const body: unknown = await response.json().catch(() => null)
    outbox.waiting.shift()
    keep()
    const waiter = settled.get(entry.id)
    settled.delete(entry.id)
    if (response.ok) waiter?.resolve(body)
    else waiter?.reject(problemFrom(response.status, body))
  }
  return true
}

window.addEventListener('online', () => void flush())
setInterval(() => outbox.waiting.length && void flush(), 3000)

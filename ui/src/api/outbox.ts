// Writes that survive a reload, a closed tab and a lost connection: each is kept in the browser's
// storage with its UUID until the server has acknowledged it, and sent in order. Sending twice does
// no harm, since the server knows the UUID.
import { reactive } from 'vue'
import { csrf, problemFrom, uuid, type Problem, type Visit } from './client'
import type {
  VisitWrite,
  VisitWriteBody,
  WriteAnswer,
  WriteBody,
  WriteParams,
  WritePath,
} from './writes'

export interface Write {
  id: string
  path: string
  body: Record<string, unknown>
}

const KEY = 'munimen.outbox'
export const outbox = reactive<{ waiting: Write[]; offline: boolean }>({
  waiting: load(),
  offline: false,
})

interface Waiter {
  resolve: (value: unknown) => void
  reject: (why: Problem) => void
}
const settled = new Map<string, Waiter>()
let sending: Promise<void> | null = null

function load(): Write[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Write[]
  } catch {
    return []
  }
}
const keep = () => localStorage.setItem(KEY, JSON.stringify(outbox.waiting))

/** A path of the contract with its braces filled in. */
export const filled = (path: string, params: Record<string, unknown>) =>
  path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(String(params[name])))

/**
 * Queues a write and resolves with the server's answer; rejects with a Problem if it is refused.
 * While there is no connection it stays waiting.
 *
 *   await write('/api/visits/{id}/jobs', { id: visit.id }, { job: 'flush' })
 */
export function write<P extends WritePath>(
  path: P,
  params: WriteParams<P>,
  body: WriteBody<P>,
): Promise<WriteAnswer<P>> {
  return queue(filled(path, params), body) as Promise<WriteAnswer<P>>
}

/** A write into a visit; the answer is the visit as it then stands. */
export function writeInVisit<W extends VisitWrite>(
  id: string,
  what: W,
  body: VisitWriteBody<W>,
): Promise<Visit> {
  return queue(filled(`/api/visits/{id}/${what}`, { id }), body) as Promise<Visit>
}

function queue(path: string, body: object): Promise<unknown> {
  const entry: Write = { id: uuid(), path, body: { ...body } }
  // Items carry their own ids.
  if (!('items' in entry.body) && !path.endsWith('/start')) entry.body.id ??= entry.id
  outbox.waiting.push(entry)
  keep()
  const answer = new Promise<unknown>((resolve, reject) =>
    settled.set(entry.id, { resolve, reject }),
  )
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

const post = (entry: Write) =>
  fetch(entry.path, {
    method: 'POST',
    credentials: 'same-origin',
    headers: { 'Content-Type': 'application/json', 'X-CSRF-Token': csrf() },
    body: JSON.stringify(entry.body),
  })

/** Whether the server wants to know first who it is: the write is kept until somebody signs in. */
const unknownPerson = (status: number) => status === 401 || (status === 403 && !csrf())
/** Whether the server could not answer: the same write may go through later. */
const notNow = (status: number) => [429, 502, 503, 504].includes(status)

/** Sends until nothing waits (true), or until it has to stop (false). */
async function sendAll(): Promise<boolean> {
  while (outbox.waiting.length) {
    const entry = outbox.waiting[0]!
    let response: Response
    try {
      response = await post(entry)
    } catch {
      outbox.offline = true
      return false
    }
    outbox.offline = false
    if (unknownPerson(response.status) || notNow(response.status)) return false
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

// Writes that survive a reload, a closed tab and a lost connection: each is kept in the browser's
// database with its UUID and its author until the server has it, and sent in order by one tab.
// Sending twice does no harm, since the server knows the UUID. One that the server refuses after it
// was taken here stays too, until a person decides.
import { reactive } from 'vue'
import { csrf, Problem, problemFrom, uuid, type Visit } from './client'
import type {
  VisitWrite,
  VisitWriteBody,
  WriteAnswer,
  WriteBody,
  WriteParams,
  WritePath,
} from './writes'
import { clockOffset } from '@/pocket/clock'
import { deviceId } from '@/pocket/device'
import { fileOf, keepFile } from '@/pocket/files'
import { line, lost, reach, watchOver } from '@/pocket/office'
import { sendParts } from '@/pocket/photographs'
import { acknowledge, awake, entriesKnown, judge } from '@/pocket/pocket'
import { addWrite, changeWrite, dropWrite, writesOf, type Write } from '@/pocket/shelf'

export const outbox = reactive<{
  waiting: Write[]
  refused: Write[]
  /** The browser's storage took nothing: what waits is lost with this page. */
  unsafe: boolean
  /** The person's session is over: nothing is sent before they sign in. */
  ended: boolean
  /** How much of a photograph is with the office already, by the id of its write. */
  progress: Record<string, number>
}>({ waiting: [], refused: [], unsafe: false, ended: false, progress: {} })

const SILENT = 400 // ms after which the pocket judges first
const ASLEEP = 1500 // ms, where its Ruby has to be started for that
const PATIENCE = 30_000 // ms for an answer
const LOCK = 'munimen.outbox'
const BEFORE = 'munimen.outbox' // in localStorage
const CHANNEL = 'BroadcastChannel' in globalThis ? new BroadcastChannel(LOCK) : null

interface Waiter {
  resolve: (value: unknown) => void
  reject: (why: Problem) => void
}
const settled = new Map<string, Waiter>()
/** Those that have been answered here: what the server says without them is behind. */
const ahead = new Set<string>()
const judged = new Set<string>()
let author: number | null = null
let wait = 0
let timer: ReturnType<typeof setTimeout> | undefined

/** Whose writes are shown and sent from now on. */
export async function belongsTo(person: number | null) {
  if (person !== null) outbox.ended = false
  // The same person's are known, and may be more than the browser's database took.
  if (person === author) {
    if (person !== null && outbox.waiting.length) void flush()
    return
  }
  author = person
  if (person !== null) await takeOver(person).catch(() => {})
  const all = person === null ? [] : await writesOf(person).catch(() => [])
  outbox.waiting = all.filter((one) => one.state === 'waiting')
  outbox.refused = all.filter((one) => one.state === 'refused')
  ahead.clear()
  outbox.waiting.forEach((one) => ahead.add(one.id))
  if (outbox.waiting.length) void flush()
}

/** What a version before this one had not sent yet lies in another storage: it goes first. */
async function takeOver(person: number) {
  const old = JSON.parse(localStorage.getItem(BEFORE) ?? '[]') as Pick<
    Write,
    'id' | 'path' | 'body'
  >[]
  for (const one of old) await addWrite(made(person, one.id, one.path, one.body))
  localStorage.removeItem(BEFORE)
}

const made = (account: number, id: string, path: string, body: Write['body']): Write => ({
  id,
  account,
  path,
  body,
  madeAt: typeof body.at === 'string' ? body.at : new Date().toISOString(),
  offset: clockOffset(),
  state: 'waiting',
})

/** A path of the contract with its braces filled in. */
export const filled = (path: string, params: Record<string, unknown>) =>
  path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(String(params[name])))

/**
 * Queues a write and resolves with the answer: the server's, or, where that is silent, what the
 * same Ruby says here. Rejects with a Problem if it is refused.
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

/** A photograph of a visit: its file stays here beside the write until the office has it. */
export const writePhoto = (visit: string, subject: string, file: Blob): Promise<Visit> =>
  queue(filled('/api/visits/{id}/photos', { id: visit }), { subject }, file) as Promise<Visit>

async function queue(path: string, body: object, photo?: Blob): Promise<unknown> {
  const entry = made(author ?? 0, uuid(), path, { ...body })
  // When it was done is said once, for every write alike.
  delete entry.body.at
  // Items carry their own ids.
  if (!('items' in entry.body) && !/visits\/[^/]+\/start$|training\/[^/]+\/end$/.test(path))
    entry.body.id ??= entry.id
  if (photo) entry.photo = true
  try {
    if (photo) await keepFile(entry, photo)
    entry.n = await addWrite(entry)
    outbox.unsafe = false
  } catch {
    outbox.unsafe = true
  }
  outbox.waiting.push(entry)
  const answer = new Promise<unknown>((resolve, reject) =>
    settled.set(entry.id, { resolve, reject }),
  )
  if (line.away) void judgeHere(entry)
  else setTimeout(() => void judgeHere(entry), awake() ? SILENT : ASLEEP)
  void flush()
  return answer
}

/** What the Ruby in the pocket says of it, while the server says nothing. */
async function judgeHere(entry: Write) {
  if (judged.has(entry.id) || !settled.has(entry.id)) return
  judged.add(entry.id)
  const response = await judge(entry).catch(() => null)
  if (!response || !settled.has(entry.id)) return
  const body: unknown = await response.json()
  if (response.ok) {
    ahead.add(entry.id)
    // Done, as far as this device knew: the office takes it as it happened.
    entry.known = entriesKnown(entry.path)
    const waits = outbox.waiting.some((one) => one.id === entry.id)
    settle(entry.id, (waiter) => waiter.resolve(body)) // nobody waits for its being noted
    if (waits && entry.n !== undefined) await changeWrite(entry).catch(() => {})
    return
  }
  // Refused at once, as the server would: the person sees why.
  await drop(entry)
  settle(entry.id, (waiter) => waiter.reject(problemFrom(response.status, body)))
}

function settle(id: string, how: (waiter: Waiter) => void) {
  const waiter = settled.get(id)
  settled.delete(id)
  if (waiter) how(waiter)
}

const gone = (list: Write[], entry: Write) => {
  const at = list.findIndex((one) => one.id === entry.id)
  if (at >= 0) list.splice(at, 1)
}
async function drop(entry: Write) {
  gone(outbox.waiting, entry)
  gone(outbox.refused, entry)
  if (entry.n !== undefined) await dropWrite(entry.n).catch(() => {})
}

/** A person gives a refused write up: it is deleted. */
export async function giveUp(entry: Write) {
  await drop(entry)
  return flush()
}

/** A person sends a refused write again, as it is or changed. */
export async function sendAgain(entry: Write, body: Record<string, unknown> = entry.body) {
  gone(outbox.refused, entry)
  const again: Write = { ...entry, body, state: 'waiting' }
  delete again.problem
  if (again.n !== undefined) await changeWrite(again)
  outbox.waiting.push(again)
  outbox.waiting.sort((one, other) => (one.n ?? 0) - (other.n ?? 0))
  return flush()
}

let sending: Promise<void> | null = null
export function flush(): Promise<void> {
  sending ??= alone(sendAll).finally(() => {
    sending = null
  })
  return sending
}

/** One tab at a time. */
async function alone(work: () => Promise<void>): Promise<void> {
  // There is none without HTTPS.
  const locks = navigator.locks as LockManager | null | undefined
  if (locks) await locks.request(LOCK, work)
  else await work()
}

const post = (entry: Write) =>
  reach(entry.path, {
    method: 'POST',
    credentials: 'same-origin',
    headers: {
      'Content-Type': 'application/json',
      'X-CSRF-Token': csrf(),
      'X-Made-At': entry.madeAt,
      'X-Clock-Offset': String(entry.offset),
      'X-Device': deviceId(),
      ...(entry.known === undefined ? {} : { 'X-Known': String(entry.known) }),
    },
    body: JSON.stringify(entry.body),
    signal: AbortSignal.timeout(PATIENCE),
  })

/** A photograph goes part by part before its write. */
async function sendPhoto(entry: Write) {
  const file = await fileOf(entry)
  if (!file) return null
  const shown = (share: number) => (outbox.progress[entry.id] = share)
  const stopped = await sendParts(entry.id, file, shown)
  if (!stopped) delete outbox.progress[entry.id]
  return stopped
}

/** Whether the server wants to know first who it is. */
const unknownPerson = (status: number, code: string) =>
  status === 401 || (status === 403 && ['bad_token', 'second_factor_wanted'].includes(code))
/** Whether the server could not answer: the same write may go through later. */
const notNow = (status: number) => status === 429 || status >= 500

const visitOf = (entry: Write) => entry.path.match(/^\/api\/visits\/[^/]+\//)?.[0]
/** Whether it is a signature over something that still needs an answer: then it waits. */
export const held = (entry: Write) =>
  /\/signatures$/.test(entry.path) && outbox.refused.some((one) => visitOf(one) === visitOf(entry))
/** Whether something of a visit is not with the office yet. */
export const unsentOf = (visit: string) =>
  [...outbox.waiting, ...outbox.refused].some((one) => visitOf(one) === `/api/visits/${visit}/`)

/** Sends until nothing waits that may go, or until it has to stop. */
async function sendAll(): Promise<void> {
  for (;;) {
    const entry = outbox.waiting.find((one) => !held(one))
    if (author === null || !entry) return
    if (!(await sent(entry))) return later()
    wait = 0
  }
}

/** Whether the next may go. */
async function sent(entry: Write): Promise<boolean> {
  let response: Response
  let body: unknown
  try {
    const stopped = entry.photo ? await sendPhoto(entry) : null
    response = stopped?.response ?? (await post(entry))
    body = stopped?.problem ?? (await response.json())
  } catch (cause) {
    // Half an answer is none: it is sent again.
    if (cause instanceof SyntaxError) return false
    lost()
    outbox.waiting.forEach((one) => void judgeHere(one))
    return false
  }
  const problem = body instanceof Problem ? body : problemFrom(response.status, body)
  if (response.ok) {
    gone(outbox.waiting, entry)
    outbox.ended = false
    if (entry.n !== undefined) await acknowledge(entry).catch(() => {})
    settle(entry.id, (waiter) => waiter.resolve(body))
    CHANNEL?.postMessage({ id: entry.id, body })
    return true
  }
  if (unknownPerson(response.status, problem.code)) return newToken(problem.code)
  if (notNow(response.status)) return false
  await refused(entry, problem)
  return true
}

/** After a restart of the server, or a time away, the page's token is another one; or the session
 * is over, which is said at once. how: gets the token, and says whether nobody is signed in. */
let renew: () => Promise<boolean> = () => Promise.resolve(false)
export const renewTokenBy = (how: () => Promise<boolean>) => (renew = how)
async function newToken(code: string) {
  const before = csrf()
  outbox.ended = await renew().catch(() => false)
  if (code !== 'bad_token') return false
  return !outbox.ended && csrf() !== before && csrf() !== ''
}

/** The person who waits for it sees it at once; what was taken here before stays. */
async function refused(entry: Write, problem: Problem) {
  if (settled.has(entry.id)) {
    await drop(entry)
    return settle(entry.id, (waiter) => waiter.reject(problem))
  }
  const { message: title, status, code, field, details } = problem
  const kept: Write = {
    ...entry,
    state: 'refused',
    problem: { type: 'about:blank', title, status, code, field, details } as Write['problem'],
  }
  gone(outbox.waiting, entry)
  outbox.refused.push(kept)
  if (kept.n !== undefined) await changeWrite(kept)
}

function later() {
  wait = Math.min(wait ? wait * 2 : 3000, 60_000)
  clearTimeout(timer)
  timer = setTimeout(() => outbox.waiting.length && void flush(), wait)
}

CHANNEL?.addEventListener('message', ({ data }: MessageEvent<{ id: string; body: unknown }>) => {
  outbox.waiting = outbox.waiting.filter((one) => one.id !== data.id)
  settle(data.id, (waiter) => waiter.resolve(data.body))
})
watchOver({
  unsent: () => outbox.waiting.some((one) => ahead.has(one.id)),
  back: () => {
    wait = 0
    void flush()
  },
})
window.addEventListener('online', () => void flush())

// The office in the pocket: what was taken along, and the Ruby that answers from it when the server
// does not.
import { reactive } from 'vue'
import type { Schemas } from '@/api/types'
import { serverTime } from './clock'
import { wholeBody } from './files'
import { RUNTIME, type Asked, type Names, type Reply } from './protocol'
import { makeRoom, NoRoom } from './room'
import {
  changeWrite,
  dropPack,
  dropPhotos,
  dropShown,
  dropWrite,
  keep,
  keepPack,
  keepShown,
  kept,
  lockOf,
  packOf,
  writesOf,
  writesSince,
  type Pack,
  type Write,
} from './shelf'
import { able } from './vault'

export const pocket = reactive<{
  /** When what was taken along was fetched; nothing yet: '' */
  at: string
  heaters: string[]
  bytes: number
  getting: boolean
  failed: boolean
  /** Bytes that would be wanted, and for which this device has no room; else 0. */
  short: number
  /** The firm wants what is taken along to be locked, and it is not yet. */
  wantsPin: boolean
}>({ at: '', heaters: [], bytes: 0, getting: false, failed: false, short: 0, wantsPin: false })

let worker: Worker | null = null
let account: number | null = null
let opening: Promise<boolean> | null = null
/** The last write that Ruby knows. */
let known = 0
/** How many entries of each visit came with what was taken along. */
let entries = new Map<string, number>()
let count = 0
const waiting = new Map<number, { resolve: (text: string) => void; reject: (why: Error) => void }>()

function ask(asked: Asked): Promise<string> {
  worker ??= hired()
  const n = (count += 1)
  return new Promise((resolve, reject) => {
    waiting.set(n, { resolve, reject })
    worker!.postMessage({ n, asked })
  })
}

function hired() {
  const made = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  made.onmessage = ({ data }: MessageEvent<Reply>) => {
    const waiter = waiting.get(data.n)
    waiting.delete(data.n)
    if ('text' in data) waiter?.resolve(data.text)
    else waiter?.reject(new Error(data.error))
  }
  made.onerror = () => {
    waiting.forEach((one) => one.reject(new Error('Ruby does not run here.')))
    waiting.clear()
  }
  return made
}

/** Whose pocket it is; null: nobody's, and nothing of anybody's is in memory. pin: whether the firm
 * wants a lock. */
export async function belongsTo(person: number | null, pin = false) {
  pocket.wantsPin = pin && person !== null && able() && !(await lockOf(person).catch(() => null))
  if (person === account) return
  account = person
  worker?.terminate()
  worker = null
  opening = null
  waiting.clear()
  Object.assign(pocket, { at: '', heaters: [] })
  const pack = person === null ? undefined : await packOf(person)
  const bytes = ((await kept('bytes')) as number | undefined) ?? 0
  if (pack) Object.assign(pocket, { at: pack.at, heaters: pack.heaters, bytes })
}

const PATIENCE = 120_000 // ms for what is taken along, over a poor line
/** What was taken along is read by the Ruby of the same version only. */
const fits = (pack: Pack, names: Names) => !pack.program || pack.program === names.image

const LATEST = '/offline/offline.json'
const named = (image: string) => `/offline/${image}.json`
const filesOf = (names: Names) => [`/offline/${names.ruby}`, `/offline/${names.image}`]

/** The Ruby that reads a pack: that of its own version, while it is still here. */
async function namesFor(pack: Pack): Promise<Names> {
  const cache = await caches.open(RUNTIME)
  const own = pack.program ? await cache.match(named(pack.program)) : undefined
  const known = own ?? (await cache.match(LATEST))
  return (await (known ?? (await fetch(LATEST))).json()) as Names
}

const PACK = 2_000_000 // bytes, more than what is taken along of a full day
/** Fetches the runtime beside the one that is there, which is still the one in use. */
async function runtime() {
  const cache = await caches.open(RUNTIME)
  const signal = AbortSignal.timeout(PATIENCE)
  const response = await fetch(LATEST, { cache: 'no-cache', signal })
  const wanted = (await response.clone().json()) as Names
  const missing: string[] = []
  for (const file of filesOf(wanted)) if (!(await cache.match(file))) missing.push(file)
  await makeRoom(PACK + (missing.length ? wanted.bytes : 0))
  for (const file of missing) await cache.add(file)
  await cache.put(named(wanted.image), response)
  return wanted
}

/** Once the new pack is kept, which is the switch, the older runtime goes. */
async function onlyThis(names: Names) {
  const cache = await caches.open(RUNTIME)
  const stays = [...filesOf(names), named(names.image)]
  for (const request of await cache.keys())
    if (!stays.includes(new URL(request.url).pathname)) await cache.delete(request)
}

/** Nothing of the person whose pocket it is stays behind. */
export async function empty() {
  if (account !== null) await dropPack(account)
  await dropShown()
  await keep('more', [])
}

const OLD = 60_000 // ms after which what was taken along is fetched anew when a visit is looked at
/** A visit is on the screen: its heater goes along, as it now stands. */
export function takeAlong(heater: string) {
  clearTimeout(soon)
  soon = window.setTimeout(() => {
    const fresh = Date.now() - Date.parse(pocket.at || '1970-01-01') < OLD
    const there = fresh && pocket.heaters.includes(heater)
    void (there ? Promise.resolve() : getReady([heater])).then(() => (pocket.at ? wake() : false))
  }, QUIET)
}
const PHOTOS_FOR = 14 // days
const QUIET = 6000 // ms without a change of the visit before the device is busied with it
let soon = 0

/** Gets ready for no signal: the runtime, and the visits of today and tomorrow. more: heaters to be
 * taken along besides. */
export async function getReady(more: string[] = []) {
  if (account === null || pocket.getting || !('caches' in window)) return
  if (pocket.wantsPin) return
  pocket.getting = true
  try {
    const names = await runtime()
    const extra = [...new Set([...(((await kept('more')) as string[]) ?? []), ...more])].slice(-40)
    await keep('more', extra)
    await fetchPack(extra, names)
    await onlyThis(names)
    await dropPhotos(PHOTOS_FOR)
    pocket.failed = false
    pocket.short = 0
  } catch (why) {
    pocket.failed = true
    pocket.short = why instanceof NoRoom ? why.bytes : 0
  } finally {
    pocket.getting = false
  }
}

async function fetchPack(extra: string[], names: Names) {
  const person = account!
  const before = (await writesOf(person)).filter((one) => one.state === 'sent')
  const asked = Date.now()
  const response = await fetch(`/api/pocket?heaters=${extra.join(',')}`, {
    credentials: 'same-origin',
    signal: AbortSignal.timeout(PATIENCE),
  })
  if (!response.ok) throw new Error(String(response.status))
  const text = await response.text()
  const { shown, ...pack } = JSON.parse(text) as Schemas['Pocket']
  if (pack.person !== person) return
  // The office has another version by now: its records are for its own Ruby, fetched next time.
  if (!fits(pack, names)) throw new Error('Another version')
  await keepPack(pack)
  for (const [id, visit] of Object.entries(shown ?? {})) await keepShown(person, id, visit, asked)
  // What the server had before it answered is in the new pack.
  for (const one of before) await dropWrite(one.n!)
  opening = null
  const bytes = names.bytes + text.length
  await keep('bytes', bytes)
  Object.assign(pocket, { at: pack.at, heaters: pack.heaters, bytes })
}

/** Whether Ruby is at hand: it answers at once, and nothing has to be started for it. */
export const awake = () => !!worker && !!opening

/** Starts Ruby with what was taken along; false where there is nothing. */
export function wake(): Promise<boolean> {
  opening ??= open().catch(() => {
    opening = null
    return false
  })
  return opening
}

async function open() {
  const pack = account === null ? undefined : await packOf(account)
  if (!pack) return false
  const ruby = await namesFor(pack)
  if (!fits(pack, ruby)) {
    pocket.failed = true
    pocket.at = ''
    return false
  }
  if (!worker) await ask({ kind: 'start', names: ruby })
  await ask({ kind: 'open', pack: JSON.stringify({ person: pack.person, tables: pack.tables }) })
  const visits = pack.tables.visits ?? []
  entries = new Map(visits.map((one) => [String(one.id), Number(one.entries)]))
  known = 0
  return true
}

const call = async (write: Write, once: boolean) =>
  ask({
    kind: 'call',
    verb: 'POST',
    path: write.path,
    query: '{}',
    body: JSON.stringify(await wholeBody(write)),
    now: serverTime(write.madeAt, write.offset),
    once,
  })

/** Tells Ruby what was written since it was opened, up to and without a write. */
async function catchUp(before = Infinity) {
  for (const write of await writesSince(account!, known)) {
    if (write.n! >= before || write.state === 'refused') continue
    await call(write, true)
    known = write.n!
  }
}

/** How many entries of a write's visit are known from the office: none of one that was begun here. */
export const entriesKnown = (path: string) =>
  entries.get(path.match(/^\/api\/visits\/([^/]+)\//)?.[1] ?? '') ?? 0

/** A write, judged here; null where it cannot be. */
export async function judge(write: Write): Promise<Response | null> {
  if (!(await wake())) return null
  await catchUp(write.n)
  const response = parsed(await call(write, false))
  known = Math.max(known, write.n ?? 0) // one that this device had no room for has no number
  return response.status === 404 ? null : response
}

/** A look, answered here; null where it cannot be. */
export async function look(verb: string, address: string, body = ''): Promise<Response | null> {
  if (!(await wake())) return null
  await catchUp()
  const url = new URL(address, location.origin)
  const query = JSON.stringify(Object.fromEntries(url.searchParams))
  const now = serverTime(new Date().toISOString())
  const text = await ask({
    kind: 'call',
    verb,
    path: decodeURIComponent(url.pathname),
    query,
    body,
    now,
    once: false,
  })
  const response = parsed(text)
  return response.status === 404 ? null : response
}

/** The server has it: Ruby still has to hear of it, if it has not. */
export const acknowledge = (write: Write) => changeWrite({ ...write, state: 'sent' })

function parsed(text: string) {
  const blank = text.indexOf(' ')
  return new Response(text.slice(blank + 1), {
    status: Number(text.slice(0, blank)),
    headers: { 'Content-Type': 'application/json' },
  })
}

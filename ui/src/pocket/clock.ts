// By how many seconds this device's clock is behind the server's, as the server's answers tell. It is
// kept with the device, so that a reload without a signal does not lose it; a clock that is set while
// nobody can be asked is noticed by the browser's own count of time.
import { reactive } from 'vue'

const KEPT = 'munimen.clock'
// A test of something else may run where there is none.
const storage = 'localStorage' in globalThis ? globalThis.localStorage : null
const JUMP = 30 // s
const WATCH = 5000 // ms

/** jumped: by how many seconds the clock was set, as far as that was noticed; 0: it was not. */
export const clock = reactive({ jumped: 0 })

interface Kept {
  offset: number
  /** The device's clock when that was known last. */
  at: number
}
function before(): Kept {
  const kept = JSON.parse(storage?.getItem(KEPT) ?? 'null') as Kept | null
  return kept && Number.isFinite(kept.offset) ? kept : { offset: 0, at: 0 }
}
let { offset, at } = before()
const keep = () => {
  at = Date.now()
  storage?.setItem(KEPT, JSON.stringify({ offset, at }))
}
// A clock that shows an earlier time than the last time was set back meanwhile.
if (at - Date.now() > JUMP * 1000) set(Math.round((Date.now() - at) / 1000))

/** The clock was set by so many seconds: the server's has not moved. */
function set(seconds: number) {
  clock.jumped = seconds
  offset -= seconds
  keep()
}

let since = Date.now() - performance.now()
/** Looks whether the clock went back against the browser's own count; forwards a device that slept
 * does as well. */
export function watchClock() {
  const now = Date.now() - performance.now()
  const seconds = Math.round((now - since) / 1000)
  since = now
  if (seconds < -JUMP) set(seconds)
  else keep()
}
if (typeof window !== 'undefined') window.setInterval(watchClock, WATCH)

/** Learns from an answer; asked: when it was asked, by this device's clock. */
export function learn(response: Response, asked: number) {
  const said = Date.parse(response.headers.get('Date') ?? '')
  const took = Date.now() - asked
  if (Number.isNaN(said) || took < 0 || took > 2000) return
  const measured = (said + 500 - (asked + took / 2)) / 1000
  // The header has whole seconds: less is no news.
  const now = Math.abs(measured) < 2 ? 0 : Math.round(measured)
  if (now === offset) return
  if (at && Math.abs(now - offset) > JUMP) clock.jumped = offset - now
  offset = now
  keep()
}

export const clockOffset = () => offset

/** A time of this device as the server's clock had it. */
export const serverTime = (madeAt: string, by = offset) =>
  new Date(Date.parse(madeAt) + by * 1000).toISOString()

// One office for the screens: the server when it answers, the Ruby in the pocket when it does not.
import { reactive } from 'vue'
import { learn } from './clock'
import { look } from './pocket'
import type { Schemas } from '@/api/types'
import { keepSession, lastHere, lockOf, sessionOf, wipe } from './shelf'
import { dropped } from './vault'

/** away: the server does not answer; everything stays here until it does. */
export const line = reactive({ away: false })

const SILENT = 1800 // ms after which the pocket answers a look in the server's place
const PATIENCE = 20_000 // ms for an answer where nothing else can give one
const AGAIN = 4000 // ms between two tries to reach the server
const NO_SERVER = [502, 504]
const OURS = 'X-Munimen'
const ILL = 500
const SESSION = '/api/session'

let unsent = () => false
let back = () => {}
/** unsent: whether something waits that the server does not know; back: what is to be done when it
 * answers again. */
export function watchOver(given: { unsent: () => boolean; back: () => void }) {
  unsent = given.unsent
  back = given.back
}

/** fetch, which throws where there is no server behind the answer: what does not say that it is ours
 * comes from a portal or a proxy. */
export async function reach(request: Request | string, init?: RequestInit): Promise<Response> {
  const asked = Date.now()
  const response = await fetch(request, init)
  if (NO_SERVER.includes(response.status) || !response.headers.has(OURS))
    throw new TypeError(`No server: ${response.status}`)
  learn(response, asked)
  return response
}

let trying = 0
/** The line is gone: until the server answers again nobody waits for it. */
export function lost() {
  line.away = true
  if (!trying) trying = window.setInterval(() => void tryAgain(), AGAIN)
}
export async function tryAgain() {
  try {
    const response = await reach('/health', {
      cache: 'no-store',
      signal: AbortSignal.timeout(3000),
    })
    if (!response.ok) return
  } catch {
    return
  }
  clearInterval(trying)
  trying = 0
  line.away = false
  back()
}

const looksOnly = (request: Request, path: string) =>
  request.method === 'GET' ||
  (request.method === 'POST' && /^\/api\/(diagnose$|calculations\/)/.test(path))

/** Answers a request of the screens. */
export async function ask(request: Request): Promise<Response> {
  const path = new URL(request.url).pathname
  if (path === SESSION) return session(request)
  if (!looksOnly(request, path)) return reach(request)
  const body = request.method === 'POST' ? await request.clone().text() : ''
  const here = () => look(request.method, request.url, body).catch(() => null)
  if (line.away || unsent()) {
    const answer = await here()
    if (answer) return answer
  }
  return served(request, here)
}

async function served(request: Request, here: () => Promise<Response | null>) {
  const answer = reach(request)
  let timer = 0
  const silence = new Promise<null>((resolve) => {
    timer = window.setTimeout(() => resolve(null), SILENT)
  })
  try {
    const first = await Promise.race([answer, silence])
    const local = first && first.status < ILL ? null : await here()
    if (!local) return first ?? (await answer)
    if (!first) lost()
    return local
  } catch (cause) {
    lost()
    const local = await here()
    if (local) return local
    throw cause
  } finally {
    clearTimeout(timer)
    answer.catch(() => {})
  }
}

/** Who is signed in; without a server that answers, in time and in health, whoever was, once their
 * PIN has been given. */
async function session(request: Request) {
  const last = await lastHere().catch(() => null)
  const device = last && (await lockOf(last).catch(() => undefined))?.device
  const asked = device ? `${SESSION}?device=${device}` : request
  const signal = AbortSignal.timeout(last ? SILENT : PATIENCE)
  let answer: Response
  let text: string
  try {
    answer = await reach(asked, { signal })
    text = await answer.text() // what a PIN is waited for afterwards is no silence of the office
  } catch (cause) {
    lost()
    return (await whoeverWas(last)) ?? Promise.reject(cause)
  }
  if (answer.ok) await learnt(last, JSON.parse(text) as Schemas['Session'])
  const { status, headers } = answer
  const whole = new Response(text, { status, headers })
  return status < ILL ? whole : ((await whoeverWas(last)) ?? whole)
}

async function whoeverWas(last: number | null) {
  const known = last && (await sessionOf(last).catch(() => null))
  return known ? Response.json({ ...known, csrf: '' }) : null
}

/** The office can end a device's key: then nothing of that person stays here. */
async function learnt(last: number | null, said: Schemas['Session']) {
  if (said.device_ended && last) {
    await wipe(last).catch(() => {})
    dropped()
  }
  if (said.person) await keepSession(said.person.id, said).catch(() => {})
}

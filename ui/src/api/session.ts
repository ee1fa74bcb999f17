import { reactive } from 'vue'
import { api, csrf, unwrap, Problem, setToken, type Schemas } from './client'
import { askPassword } from './fresh'
import * as outbox from './outbox'
import { i18n, setReader, spoken } from '@/i18n'
import { at } from '@/place'
import { line } from '@/pocket/office'
import * as pocket from '@/pocket/pocket'
import { forgetSession, keep, kept, unkeep, wipe } from '@/pocket/shelf'
import { close } from '@/pocket/vault'
import { otherVersion } from '@/pocket/version'

export const session = reactive<{
  ready: boolean
  person: Schemas['Session']['person']
  firm: string
  demo: Schemas['Session']['demo']
  secondFactor: Schemas['Session']['second_factor']
  factors: Schemas['Session']['factors']
  devicePin: boolean
  units: string
  firmNamed: boolean
}>({
  ready: false,
  person: null,
  firm: '',
  demo: [],
  secondFactor: 'none',
  factors: [],
  devicePin: false,
  units: 'us',
  firmNamed: true,
})

const PATIENCE = 12_000 // ms for an answer of the sign-in
/** Kept while somebody has signed out and the server does not know. */
const LEFT = 'left'
/** The version of the program that the office had when this page was opened. */
let program = ''
export async function refresh() {
  let got = await unwrap(api.GET('/api/session'))
  setToken(got.csrf)
  // Whoever signed out without a signal is signed out before anything else.
  if (await kept(LEFT).catch(() => false)) {
    if (got.person && got.csrf) {
      await authenticate('/auth/logout', {})
      got = await unwrap(api.GET('/api/session'))
      setToken(got.csrf)
    }
    await unkeep(LEFT)
  }
  if (got.program && program && got.program !== program) void otherVersion()
  program = got.program || program
  Object.assign(session, {
    ready: true,
    person: got.person,
    firm: got.firm,
    demo: got.demo,
    secondFactor: got.second_factor,
    factors: got.factors,
    units: got.units,
    devicePin: got.device_pin ?? false,
    firmNamed: got.firm_named ?? true,
  })
  if (got.person) setReader(got.person.language)
  at(got.units)
  await Promise.all([
    outbox.belongsTo(got.person?.id ?? null),
    pocket.belongsTo(got.person?.id ?? null, got.device_pin),
  ]).catch(() => {})
}
outbox.renewTokenBy(async () => {
  const got = await unwrap(api.GET('/api/session'))
  if (got.person?.id === session.person?.id) setToken(got.csrf)
  return !got.person
})

/** Gets ready for no signal by itself, when nothing else is to be done. */
export function getReadyLater() {
  if (!session.person || line.away) return
  const begin = () => void pocket.getReady()
  if ('requestIdleCallback' in window) requestIdleCallback(begin, { timeout: 5000 })
  else setTimeout(begin, 2000)
}

/** Whether the password was given within the last minutes; else it is asked for. */
export async function ensureFresh(): Promise<boolean> {
  const { fresh } = await unwrap(api.GET('/api/session'))
  return fresh || askPassword()
}

/** Fetches a file that opens everything, by the browser's own download. */
export async function download(path: string) {
  if (!(await ensureFresh())) return
  const link = document.createElement('a')
  link.href = path
  link.download = ''
  link.click()
}

export type AuthAnswer = {
  error?: string
  title?: string
  'field-error'?: [string, string]
  otp_secret?: string
  otp_raw_secret?: string
  otp_qr?: string
  codes?: string[]
  webauthn_setup?: object
  webauthn_setup_challenge?: string
  webauthn_setup_challenge_hmac?: string
  webauthn_auth?: object
  webauthn_auth_challenge?: string
  webauthn_auth_challenge_hmac?: string
}

/** One of the sign-in's own addresses (Rodauth); raises a Problem in its words. */
export async function authenticate(path: string, body: unknown): Promise<AuthAnswer> {
  const { status, answer } = await send(path, body)
  if (status >= 400)
    throw new Problem(
      answer['field-error']?.[1] ?? answer.title ?? answer.error ?? i18n.global.t('problem.signIn'),
      status,
    )
  return answer
}

export async function send(path: string, body: unknown) {
  const response = await fetch(path, {
    method: 'POST',
    credentials: 'same-origin',
    headers: {
      'Content-Type': 'application/json',
      Accept: 'application/json',
      'X-CSRF-Token': csrf(),
      'Accept-Language': spoken(),
    },
    body: JSON.stringify(body),
    signal: AbortSignal.timeout(PATIENCE),
  })
  return {
    status: response.status,
    answer: (await response.json().catch(() => ({}))) as AuthAnswer,
  }
}

export async function signIn(login: string, password: string) {
  await refresh()
  await authenticate('/auth/login', { login, password })
  await refresh()
}

/** The second factor: six figures, or one of the recovery codes. */
export async function giveCode(code: string) {
  const text = code.replace(/\s/g, '')
  if (/^\d{6}$/.test(text)) await authenticate('/auth/otp-auth', { otp: text })
  else await authenticate('/auth/recovery-auth', { 'recovery-code': code.trim() })
  await refresh()
}

/** clean: what the office does not have yet goes too, with the lock; else it stays, for whoever
 * wrote it, and all else goes. */
export async function signOut(clean = false) {
  const person = session.person?.id
  await forgetSession().catch(() => {})
  const unsent = outbox.outbox.waiting.length + outbox.outbox.refused.length
  // With something unsent what it is about stays as well.
  if (!unsent) await pocket.empty().catch(() => {})
  if (clean && person !== undefined) await wipe(person).catch(() => {})
  close()
  try {
    await authenticate('/auth/logout', {})
    await refresh()
  } catch (cause) {
    if (cause instanceof Problem) throw cause
    await keep(LEFT, true)
    session.person = null
    await Promise.all([outbox.belongsTo(null), pocket.belongsTo(null)])
  }
}

/** Whether the person may do something: a name that the server gives (desk/abilities.rb). */
export const may = (ability: string) => session.person?.may.includes(ability) ?? false

import { reactive } from 'vue'
import { api, csrf, unwrap, Problem, setToken, type Schemas } from './client'
import { askPassword } from './fresh'
import * as outbox from './outbox'
import { setLocale } from '@/i18n'
import { forgetSession, line } from '@/pocket/office'
import * as pocket from '@/pocket/pocket'

export const session = reactive<{
  ready: boolean
  person: Schemas['Session']['person']
  firm: string
  demo: Schemas['Session']['demo']
  secondFactor: Schemas['Session']['second_factor']
  factors: Schemas['Session']['factors']
}>({
  ready: false,
  person: null,
  firm: '',
  demo: [],
  secondFactor: 'none',
  factors: [],
})

export async function refresh() {
  const got = await unwrap(api.GET('/api/session'))
  setToken(got.csrf)
  Object.assign(session, {
    ready: true,
    person: got.person,
    firm: got.firm,
    demo: got.demo,
    secondFactor: got.second_factor,
    factors: got.factors,
  })
  setLocale(got.units)
  await Promise.all([
    outbox.belongsTo(got.person?.id ?? null),
    pocket.belongsTo(got.person?.id ?? null),
  ]).catch(() => {})
}
outbox.renewTokenBy(async () => {
  const got = await unwrap(api.GET('/api/session'))
  if (got.person?.id === session.person?.id) setToken(got.csrf)
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
      answer['field-error']?.[1] ?? answer.title ?? answer.error ?? 'Signing in failed.',
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
    },
    body: JSON.stringify(body),
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

export async function signOut() {
  await forgetSession().catch(() => {})
  // With something unsent what it is about stays, for whoever wrote it.
  if (!outbox.outbox.waiting.length && !outbox.outbox.refused.length) {
    await pocket.empty().catch(() => {})
  }
  await authenticate('/auth/logout', {})
  await refresh()
}

/** Whether the person may do something: a name that the server gives (desk/abilities.rb). */
export const may = (ability: string) => session.person?.may.includes(ability) ?? false

import { reactive } from 'vue'
import { api, csrf, unwrap, Problem, setToken, type Schemas } from './client'
import { askPassword } from './fresh'
import { flush } from './outbox'
import { setLocale } from '@/i18n'

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
  if (got.person) void flush()
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
  await authenticate('/auth/logout', {})
  await refresh()
}

/** Whether the person may do something: a name that the server gives (desk/abilities.rb). */
export const may = (ability: string) => session.person?.may.includes(ability) ?? false

import { reactive } from 'vue'
import { api, unwrap, Problem, setToken, type Schemas } from './client'
import { flush } from './outbox'
import { setLocale } from '@/i18n'

export const session = reactive<{
  ready: boolean
  person: Schemas['Session']['person']
  firm: string
  demo: Schemas['Session']['demo']
}>({
  ready: false,
  person: null,
  firm: '',
  demo: [],
})

export async function refresh() {
  const got = await unwrap(api.GET('/api/session'))
  setToken(got.csrf)
  Object.assign(session, { ready: true, person: got.person, firm: got.firm, demo: got.demo })
  setLocale(got.units)
  if (got.person) void flush()
}

async function post(path: string, body: unknown) {
  const { csrf } = await import('./client')
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
  const answer = (await response.json().catch(() => ({}))) as {
    error?: string
    title?: string
    'field-error'?: [string, string]
  }
  if (!response.ok)
    throw new Problem(
      answer['field-error']?.[1] ?? answer.title ?? answer.error ?? 'Signing in failed.',
      response.status,
    )
}

export async function signIn(login: string, password: string) {
  await refresh()
  await post('/auth/login', { login, password })
  await refresh()
}

export async function signOut() {
  await post('/auth/logout', {})
  await refresh()
}

/** Whether the person may do something: a name that the server gives (desk/abilities.rb). */
export const may = (ability: string) => session.person?.may.includes(ability) ?? false

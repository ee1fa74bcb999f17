// The API by its contract: types come from web/openapi.yaml.
import createClient, { type Middleware } from 'openapi-fetch'
import { freshly } from './fresh'
import type { paths } from './schema'
import { i18n, spoken } from '@/i18n'
import { ask } from '@/pocket/office'

import type { Schemas } from './types'

export type * from './types'

/** What went wrong, in words for a person, with the field when there is one. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly code = '',
    readonly field: string | null = null,
    readonly details: Record<string, unknown> = {},
  ) {
    super(message)
  }
}

let token = ''
export const setToken = (csrf: string) => (token = csrf)
export const csrf = () => token

const headers: Middleware = {
  onRequest({ request }) {
    request.headers.set('X-CSRF-Token', token)
    request.headers.set('Accept-Language', spoken())
    return request
  },
}

export const api = createClient<paths>({
  baseUrl: '',
  credentials: 'same-origin',
  fetch: (request) => freshly(() => ask(request.clone())),
})
api.use(headers)

/** The data of an answer, or a Problem thrown. */
export async function unwrap<T>(
  answer: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let got
  try {
    got = await answer
  } catch {
    throw new Problem(i18n.global.t('problem.offline'), 0, 'offline')
  }
  if (got.data !== undefined) return got.data
  throw problemFrom(got.response.status, got.error)
}

/** Whatever was thrown, as a Problem. */
export const asProblem = (cause: unknown): Problem =>
  cause instanceof Problem
    ? cause
    : new Problem(cause instanceof Error ? cause.message : String(cause), 0, 'internal')

export function problemFrom(status: number, body: unknown): Problem {
  const known = (body ?? {}) as Schemas['Problem']
  return new Problem(
    known.title ?? i18n.global.t('problem.answered', { status }),
    status,
    known.code,
    known.field ?? null,
    known.details ?? {},
  )
}

export const uuid = (): string =>
  crypto.randomUUID?.() ??
  '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (c) =>
    (
      Number(c) ^
      (crypto.getRandomValues(new Uint8Array(1))[0]! & (15 >> (Number(c) / 4)))
    ).toString(16),
  )

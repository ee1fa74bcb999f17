// @vitest-environment happy-dom
import { beforeEach, describe, expect, it, vi } from 'vitest'

const answer = (status: number, body: unknown = {}) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

/** The outbox as after a reload: what is in the browser's storage is all it knows. */
async function reloaded(...answers: (Response | Error)[]) {
  vi.resetModules()
  const sent: { path: string; body: Record<string, unknown> }[] = []
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    sent.push({ path, body: JSON.parse(String(init.body)) as Record<string, unknown> })
    const next = answers.shift() ?? answer(200)
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next)
  })
  const { setToken } = await import('./client')
  setToken('token')
  return { ...(await import('./outbox')), sent }
}
const JOBS = '/api/visits/{id}/jobs' as const

describe('the outbox', () => {
  beforeEach(() => localStorage.clear())

  it('fills the path, gives the write an id, and resolves with the answer', async () => {
    const { write, outbox, sent } = await reloaded(answer(200, { version: 4 }))
    await expect(write(JOBS, { id: 'a/b' }, { job: 'flush' })).resolves.toEqual({ version: 4 })
    expect(sent[0]!.path).toBe('/api/visits/a%2Fb/jobs')
    expect(sent[0]!.body).toMatchObject({ job: 'flush' })
    expect(sent[0]!.body.id).toMatch(/^[0-9a-f-]{36}$/)
    expect(outbox.waiting).toEqual([])
  })

  it('keeps a write through a lost connection and a reload, and sends it once more', async () => {
    const before = await reloaded(new TypeError('no network'))
    void before.write(JOBS, { id: 'one' }, { job: 'flush' })
    await vi.waitFor(() => expect(before.outbox.offline).toBe(true))
    const after = await reloaded(answer(200))
    expect(after.outbox.waiting).toHaveLength(1)
    await after.flush()
    expect(after.sent[0]!.body.id).toBe(before.sent[0]!.body.id)
    expect(after.outbox.waiting).toEqual([])
    expect(JSON.parse(localStorage.getItem('munimen.outbox')!)).toEqual([])
  })

  it.each([401, 429, 502, 503, 504])('keeps what was answered with %i', async (status) => {
    const { write, outbox } = await reloaded(answer(status, { title: 'not now' }))
    void write(JOBS, { id: 'one' }, { job: 'flush' })
    await new Promise((done) => setTimeout(done, 20))
    expect(outbox.waiting).toHaveLength(1)
  })

  it('rejects what was refused with its field, and goes on with the next', async () => {
    const refusal = answer(409, { title: 'signed', code: 'signed', field: 'job' })
    const { write, outbox, sent } = await reloaded(refusal, answer(200))
    const first = write(JOBS, { id: 'one' }, { job: 'flush' })
    const second = write(JOBS, { id: 'one' }, { job: 'inspect_anode' })
    await expect(first).rejects.toMatchObject({ message: 'signed', status: 409, field: 'job' })
    await second
    expect(sent.map((one) => one.body.job)).toEqual(['flush', 'inspect_anode'])
    expect(outbox.waiting).toEqual([])
  })

  it('leaves items their own ids', async () => {
    const { write, sent } = await reloaded()
    const items = [{ id: 'own', item: 'straps', finding: 'sound' }]
    await write('/api/visits/{id}/observations', { id: 'one' }, { items })
    expect(sent[0]!.body).toEqual({ items })
  })
})

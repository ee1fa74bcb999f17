// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, it, vi } from 'vitest'

const answer = (status: number, body: unknown = {}) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json', 'X-Munimen': '1' },
  })
const half = () => new Response('{"versi', { status: 200, headers: { 'X-Munimen': '1' } })

// The pocket's Ruby, as far as the outbox knows it.
const judge = vi.fn<(entry: unknown) => Promise<Response | null>>()
vi.mock('@/pocket/pocket', () => ({
  judge,
  awake: () => true,
  entriesKnown: () => 7,
  acknowledge: async (entry: object) =>
    (await import('@/pocket/shelf')).changeWrite({ ...entry, state: 'sent' } as never),
}))

interface Sent {
  path: string
  body: Record<string, unknown>
  headers: Record<string, string>
}
/** The outbox as after a reload: what is in the browser's storage is all it knows. */
async function reloaded(person: number, ...answers: (Response | Error)[]) {
  vi.resetModules()
  const sent: Sent[] = []
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    if (path === '/health') return Promise.reject(new TypeError('no network'))
    const headers = init.headers as Record<string, string>
    sent.push({ path, headers, body: JSON.parse(String(init.body)) as Sent['body'] })
    const next = answers.shift() ?? answer(200)
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next)
  })
  const { setToken } = await import('./client')
  setToken('token')
  const outbox = await import('./outbox')
  await outbox.belongsTo(person)
  return { ...outbox, sent, line: (await import('@/pocket/office')).line }
}
const JOBS = '/api/visits/{id}/jobs' as const
const settle = () => new Promise((done) => setTimeout(done, 30))

describe('the outbox', () => {
  beforeEach(() => {
    vi.stubGlobal('indexedDB', new IDBFactory())
    judge.mockReset().mockResolvedValue(null)
  })

  it('fills the path, gives the write an id and its time, and resolves with the answer', async () => {
    const { write, outbox, sent } = await reloaded(1, answer(200, { version: 4 }))
    await expect(write(JOBS, { id: 'a/b' }, { job: 'flush' })).resolves.toEqual({ version: 4 })
    expect(sent[0]!.path).toBe('/api/visits/a%2Fb/jobs')
    expect(sent[0]!.body).toMatchObject({ job: 'flush' })
    expect(sent[0]!.body.id).toMatch(/^[0-9a-f-]{36}$/)
    expect(Date.now() - Date.parse(sent[0]!.headers['X-Made-At']!)).toBeLessThan(5000)
    expect(outbox.waiting).toEqual([])
  })

  it('keeps a write through a lost connection and a reload, and sends the same once more', async () => {
    const before = await reloaded(1, new TypeError('no network'))
    before.write(JOBS, { id: 'one' }, { job: 'flush' }).catch(() => {})
    await vi.waitFor(() => expect(before.line.away).toBe(true))
    const after = await reloaded(1, answer(200))
    await after.flush()
    expect(after.sent[0]).toEqual(before.sent[0])
    expect(after.outbox.waiting).toEqual([])
    expect((await reloaded(1)).outbox.waiting).toEqual([])
  })

  it.each([401, 429, 500, 502, 503, 504])('keeps what was answered with %i', async (status) => {
    const { write, outbox } = await reloaded(1, answer(status, { title: 'not now' }))
    write(JOBS, { id: 'one' }, { job: 'flush' }).catch(() => {})
    await settle()
    expect(outbox.waiting).toHaveLength(1)
    expect((await reloaded(1, answer(status))).outbox.waiting).toHaveLength(1)
  })

  it('takes half an answer for none, and sends again', async () => {
    const { write, outbox, sent, flush } = await reloaded(1, half(), answer(200, { version: 2 }))
    const done = write(JOBS, { id: 'one' }, { job: 'flush' })
    await settle()
    expect(outbox.waiting).toHaveLength(1)
    await flush()
    await expect(done).resolves.toEqual({ version: 2 })
    expect(sent[0]).toEqual(sent[1])
  })

  it('rejects what was refused with its field, and goes on with the next', async () => {
    const refusal = answer(409, { title: 'signed', code: 'signed', field: 'job' })
    const { write, outbox, sent } = await reloaded(1, refusal, answer(200))
    const first = write(JOBS, { id: 'one' }, { job: 'flush' })
    const second = write(JOBS, { id: 'one' }, { job: 'inspect_anode' })
    await expect(first).rejects.toMatchObject({ message: 'signed', status: 409, field: 'job' })
    await second
    expect(sent.map((one) => one.body.job)).toEqual(['flush', 'inspect_anode'])
    expect(outbox.waiting).toEqual([])
  })

  it('lets the pocket judge while the line is silent, and keeps what the server then refuses until a person decides', async () => {
    const conflict = { title: 'Mina wrote 58 here', code: 'conflict', details: { theirs: '58' } }
    judge.mockImplementation(() => Promise.resolve(answer(200, { version: 9 })))
    const { write, flush, sent, ...box } = await reloaded(
      1,
      new TypeError('no network'),
      answer(409, conflict),
      answer(200),
    )
    await expect(write(JOBS, { id: 'one' }, { job: 'flush' })).resolves.toEqual({ version: 9 })
    await flush()
    expect(box.outbox.refused.map((one) => one.problem?.title)).toEqual(['Mina wrote 58 here'])
    const later = await reloaded(1, answer(200))
    expect(later.outbox.refused).toHaveLength(1)
    await later.sendAgain(later.outbox.refused[0]!, { job: 'flush', corrects: 'x' })
    expect(later.sent[0]!.body).toEqual({ job: 'flush', corrects: 'x' })
    expect((await reloaded(1)).outbox.refused).toEqual([])
    expect(sent).toHaveLength(2)
  })

  it('says what it knew when the pocket judged, and sends no signature before an answer', async () => {
    judge.mockImplementation(() => Promise.resolve(answer(200, { version: 9 })))
    const { write, flush, sent, held, unsentOf, giveUp, outbox } = await reloaded(
      1,
      new TypeError('no network'),
      answer(409, { title: 'Refused', code: 'need_unmet' }),
      answer(200),
      answer(200),
    )
    await write(JOBS, { id: 'one' }, { job: 'flush' })
    await write('/api/visits/{id}/signatures', { id: 'one' }, { signer: 'plumber' })
    await write(JOBS, { id: 'two' }, { job: 'flush' })
    await flush()
    expect(sent[1]!.headers['X-Known']).toBe('7')
    expect(sent[1]!.headers['X-Device']).toBe(sent[2]!.headers['X-Device'])
    expect(outbox.waiting.map(held)).toEqual([true])
    expect([unsentOf('one'), unsentOf('two')]).toEqual([true, false])
    await giveUp(outbox.refused[0]!)
    expect([sent.at(-1)!.path, outbox.waiting]).toEqual(['/api/visits/one/signatures', []])
  })

  it('refuses at once what the pocket refuses, and does not send it', async () => {
    judge.mockImplementation(() => Promise.resolve(answer(409, { title: 'Shut the gas first.' })))
    const { write, outbox, sent } = await reloaded(1, new TypeError('no network'))
    const refused = write(JOBS, { id: 'one' }, { job: 'flush' })
    await expect(refused).rejects.toMatchObject({ message: 'Shut the gas first.' })
    expect([outbox.waiting.length, sent.length]).toEqual([0, 1])
  })

  it('goes only as the person who wrote it', async () => {
    const before = await reloaded(1, new TypeError('no network'))
    before.write(JOBS, { id: 'one' }, { job: 'flush' }).catch(() => {})
    await settle()
    const other = await reloaded(2)
    await other.flush()
    expect([other.outbox.waiting.length, other.sent.length]).toEqual([0, 0])
    const again = await reloaded(1)
    await again.flush()
    expect(again.sent).toHaveLength(1)
  })

  it('says so where the device has no room, and sends all the same', async () => {
    const { write, outbox, sent } = await reloaded(1, answer(200, { version: 1 }))
    const shelf = await import('@/pocket/shelf')
    vi.spyOn(shelf, 'addWrite').mockRejectedValue(new DOMException('full', 'QuotaExceededError'))
    await write(JOBS, { id: 'one' }, { job: 'flush' })
    expect([outbox.unsafe, sent.length]).toEqual([true, 1])
  })

  it('keeps what the device had no room for when the session is looked at again', async () => {
    const { write, outbox, belongsTo } = await reloaded(1, new TypeError('no network'))
    const shelf = await import('@/pocket/shelf')
    vi.spyOn(shelf, 'addWrite').mockRejectedValue(new DOMException('full', 'QuotaExceededError'))
    write(JOBS, { id: 'one' }, { job: 'flush' }).catch(() => {})
    await settle()
    await belongsTo(1)
    expect(outbox.waiting).toHaveLength(1)
  })

  it('sends what the version before this one had kept, once', async () => {
    const old = [{ id: 'a', path: '/api/visits/one/jobs', body: { id: 'a', job: 'flush' } }]
    localStorage.setItem('munimen.outbox', JSON.stringify(old))
    const { sent, flush } = await reloaded(1, answer(200))
    await flush()
    expect(sent.map((one) => one.body)).toEqual([{ id: 'a', job: 'flush' }])
    expect((await reloaded(1)).outbox.waiting).toEqual([])
  })
})

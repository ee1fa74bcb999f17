// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, it, vi } from 'vitest'

/** Both as after a reload: what is in the browser's storage is all they know. */
async function reloaded() {
  vi.resetModules()
  return { ...(await import('./shelf')), ...(await import('./vault')) }
}
const write = (account: number, value: string) => ({
  id: value,
  account,
  path: '/api/visits/1/readings',
  body: { name: 'static_pressure', value },
  madeAt: '2026-11-27T09:00:00Z',
  offset: 0,
  state: 'waiting' as const,
})
/** Rows as they lie there. */
const lying = async (store: string) => {
  const { openDB } = await import('idb')
  const db = await openDB('munimen')
  const rows: unknown[] = await db.getAll(store)
  db.close()
  return rows
}

describe('what lies on a device', () => {
  beforeEach(() => {
    vi.stubGlobal('indexedDB', new IDBFactory())
  })

  it('is sealed by a PIN, what lay there before as well, and opens with that PIN only', async () => {
    let here = await reloaded()
    await here.addWrite(write(1, '61'))
    await here.resealed(1, () => here.makeLock(1, 'device', '471108'))
    await here.addWrite(write(1, '62'))
    const rows = await lying('writes')
    expect(rows).toHaveLength(2)
    expect(JSON.stringify(rows)).not.toContain('static_pressure')

    here.close()
    // What comes too late, as an answer after signing out, is not kept in the open.
    await expect(here.addWrite(write(1, '63'))).rejects.toThrow('locked')
    here = await reloaded()
    const all = here.writesOf(1)
    await vi.waitFor(() => expect(here.vault.asks).toBe(1))
    expect(await here.tryPin(1, '000000')).toBe('wrong')
    await expect(here.countOf(1)).resolves.toBe(2)
    expect(await here.tryPin(1, '471108')).toBe('open')
    expect((await all).map((one) => one.body.value)).toEqual(['61', '62'])
    expect(here.vault.asks).toBeNull()

    await here.unlockForGood(1)
    expect(JSON.stringify(await lying('writes'))).toContain('static_pressure')
  })

  it('opens with a passkey beside the PIN, and with no other’s', async () => {
    let here = await reloaded()
    const secret = crypto.getRandomValues(new Uint8Array(32)).buffer
    const passkey = { credential: new ArrayBuffer(4), salt: new Uint8Array(32), secret }
    await here.resealed(1, () => here.makeLock(1, 'device', '471108'))
    await here.addWrite(write(1, '61'))
    expect(await here.alsoPasskey(1, '000000', passkey)).toBe('wrong')
    expect(await here.tryPasskey(1)).toBe(false)
    expect(await here.alsoPasskey(1, '471108', passkey)).toBe('open')

    for (const [given, opens] of [
      [null, false],
      [crypto.getRandomValues(new Uint8Array(32)).buffer, false],
      [secret, true],
    ] as const) {
      here = await reloaded()
      vi.spyOn(await import('./passkey'), 'secretOf').mockResolvedValue(given)
      expect(await here.tryPasskey(1)).toBe(opens)
    }
    expect((await here.writesOf(1)).map((one) => one.body.value)).toEqual(['61'])
    here = await reloaded()
    expect(await here.tryPin(1, '471108')).toBe('open')
  })

  it('opens a lock of before, which a PIN alone could open', async () => {
    let here = await reloaded()
    await here.makeLock(1, 'device', '471108')
    const { pin, ...lock } = (await here.lockOf(1))!
    await here.putLock({ ...lock, ...pin! })
    here = await reloaded()
    expect(await here.tryPin(1, '471108')).toBe('open')
  })

  it('makes whoever guesses wait, through a reload, and lets the right PIN in afterwards', async () => {
    let here = await reloaded()
    await here.makeLock(1, 'device', '471108')
    here.close()
    for (const pin of ['000000', '111111', '222222']) await here.tryPin(1, pin)
    here = await reloaded()
    expect(await here.tryPin(1, '471108')).toBeGreaterThan(0)
    vi.setSystemTime(Date.now() + 6000)
    expect(await here.tryPin(1, '471108')).toBe('open')
    vi.useRealTimers()
  })

  it('is one person’s: another’s is neither locked by it nor read with it, and a wipe is theirs', async () => {
    const here = await reloaded()
    await here.addWrite(write(2, '70'))
    await here.resealed(1, () => here.makeLock(1, 'device', '471108'))
    await here.addWrite(write(1, '61'))
    expect(await here.writesOf(2)).toMatchObject([{ body: { value: '70' } }])
    await here.wipe(1)
    expect(await here.countOf(1)).toBe(0)
    expect(await here.countOf(2)).toBe(1)
  })
})

describe('a photograph', () => {
  it('goes on where the line broke', async () => {
    vi.resetModules()
    const { sendParts } = await import('./photographs')
    const file = new Blob([new Uint8Array(100_000)])
    const kept: number[] = []
    let have = 0
    let broken = false
    vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
      const { from, data } = JSON.parse(String(init.body)) as { from: number; data: string }
      if (have > 0 && !broken && data) {
        broken = true
        return Promise.reject(new TypeError('no network'))
      }
      if (from === have) have += atob(data).length
      kept.push(have)
      return Promise.resolve(Response.json({ have }, { headers: { 'X-Munimen': '1' } }))
    })
    await expect(sendParts('1', file, () => {})).rejects.toThrow('no network')
    expect(have).toBe(45_000)
    await expect(sendParts('1', file, () => {})).resolves.toBeNull()
    expect(kept).toEqual([0, 45_000, 45_000, 90_000, 100_000])
  })
})

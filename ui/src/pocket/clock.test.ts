import { beforeEach, describe, expect, it, vi } from 'vitest'

const at = (date: string) => new Response('', { headers: { Date: date } })

describe("the device's clock", () => {
  beforeEach(() => {
    vi.resetModules()
    vi.useFakeTimers({ now: Date.parse('2026-11-27T14:00:00Z') })
    return () => vi.useRealTimers()
  })

  it('is five hours ahead: what is done now was done by the server’s clock', async () => {
    const { learn, clockOffset, serverTime } = await import('./clock')
    learn(at('Fri, 27 Nov 2026 09:00:00 GMT'), Date.now())
    expect(Math.abs(clockOffset() + 5 * 3600)).toBeLessThanOrEqual(1)
    expect(serverTime('2026-11-27T14:00:01.000Z').slice(0, 16)).toBe('2026-11-27T09:00')
  })

  it('is right within what the header can tell, or nothing is learnt from a slow answer', async () => {
    const { learn, clockOffset } = await import('./clock')
    learn(at('Fri, 27 Nov 2026 13:59:59 GMT'), Date.now())
    expect(clockOffset()).toBe(0)
    learn(at('Fri, 27 Nov 2026 09:00:00 GMT'), Date.now() - 9000)
    expect(clockOffset()).toBe(0)
    learn(new Response(''), Date.now())
    expect(clockOffset()).toBe(0)
  })
})

// @vitest-environment happy-dom
import { beforeEach, describe, expect, it, vi } from 'vitest'

const at = (date: string) => new Response('', { headers: { Date: date } })

describe("the device's clock", () => {
  beforeEach(() => {
    vi.resetModules()
    localStorage.clear()
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

  it('keeps what it knew of itself through a reload, and tells of a clock that was set', async () => {
    const first = await import('./clock')
    first.learn(at('Fri, 27 Nov 2026 12:00:00 GMT'), Date.now())
    vi.resetModules()
    const again = await import('./clock')
    expect([again.clockOffset(), again.clock.jumped]).toEqual([first.clockOffset(), 0])
    // Set back by an hour while the page was away: the server's clock has not moved.
    vi.setSystemTime(Date.now() - 3_600_000)
    vi.resetModules()
    const later = await import('./clock')
    expect(later.clock.jumped).toBe(-3600)
    expect(later.serverTime(new Date().toISOString()).slice(11, 16)).toBe('12:00')
  })

  it('tells of an answer that shows it to have been set', async () => {
    const { learn, clock } = await import('./clock')
    learn(at('Fri, 27 Nov 2026 14:00:05 GMT'), Date.now())
    expect(clock.jumped).toBe(0)
    learn(at('Fri, 27 Nov 2026 12:00:00 GMT'), Date.now())
    expect(Math.round(clock.jumped / 60)).toBe(120)
  })
})

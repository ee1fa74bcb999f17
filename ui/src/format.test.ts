import { afterEach, describe, expect, it, vi } from 'vitest'
import {
  dateAndTime,
  dayAndDate,
  isoDay,
  longDate,
  longStopwatch,
  minutes,
  shortDate,
  span,
  stopwatch,
  timeOfDay,
} from './format'
import { i18n, setLocale, setReader } from './i18n'

vi.stubGlobal('document', { documentElement: { lang: '' } })

describe('dates and times', () => {
  afterEach(() => setLocale('us'))

  // AP and Guardian style guides agree on the order of day and month in each country.
  it('are written as in the US: 12 hours without a leading zero, the month first', () => {
    setLocale('us')
    expect(timeOfDay('2026-12-08T08:06:00Z', 'UTC')).toBe('8:06 AM')
    expect(timeOfDay('2026-12-08T20:39:00Z', 'UTC')).toBe('8:39 PM')
    expect(longDate('2026-12-08')).toBe('December 8, 2026')
    expect(shortDate('2026-12-08')).toBe('Dec 8, 2026')
    expect(dayAndDate('2026-12-08')).toBe('Tuesday, December 8, 2026')
    expect(dateAndTime('2026-12-08T08:06:00Z', 'UTC')).toBe('Dec 8, 8:06 AM')
  })

  it('are written as in England: 24 hours, the day first', () => {
    setLocale('england')
    expect(i18n.global.locale.value).toBe('england')
    expect(timeOfDay('2026-12-08T08:06:00Z', 'UTC')).toBe('08:06')
    expect(timeOfDay('2026-12-08T20:39:00Z', 'UTC')).toBe('20:39')
    expect(longDate('2026-12-08')).toBe('8 December 2026')
    expect(shortDate('2026-12-08')).toBe('8 Dec 2026')
  })

  it('are written in the reader’s language, by the clock of the site', () => {
    setReader('es')
    setLocale('us')
    expect([i18n.global.locale.value, longDate('2026-12-08')]).toEqual([
      'es',
      '8 de diciembre de 2026',
    ])
    expect(timeOfDay('2026-12-08T20:39:00Z', 'UTC')).toMatch(/^8:39/)
    setLocale('england')
    expect(timeOfDay('2026-12-08T20:39:00Z', 'UTC')).toBe('20:39')
    setReader('en')
    expect(i18n.global.locale.value).toBe('england')
  })
})

describe('lengths of time', () => {
  it('are whole minutes, or hours and minutes', () => {
    expect([minutes(89), span(59 * 60), span(4700)]).toEqual([1, '59 min', '1 h 18 min'])
  })

  it('run as on a stopwatch, never below nothing', () => {
    expect([stopwatch(95), stopwatch(-4), longStopwatch(3725)]).toEqual(['1:35', '0:00', '1:02:05'])
  })
})

it('gives a day as the API takes it, by the calendar of the device', () => {
  expect(isoDay(new Date(2026, 2, 5, 23, 59))).toBe('2026-03-05')
})

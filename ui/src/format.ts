// Numbers, lengths of time, dates and times of day as people read them: by the words of the site on
// the screen (12 hours and US dates, or 24 hours and English dates).
import { by24, tag } from './i18n'

export { tag }

const at = (iso: string) => new Date(iso.length === 10 ? `${iso}T12:00` : iso)
const plain = (text: string) => text.replace(/[\u202f\u00a0]/g, ' ')

/** “December 8, 2026”, “8 December 2026”. iso: a date, or a time. */
export const longDate = (iso: string) =>
  at(iso).toLocaleDateString(tag(), { day: 'numeric', month: 'long', year: 'numeric' })
/** “Tuesday, December 8, 2026”, “Tuesday 8 December 2026”. */
export const dayAndDate = (iso: string) =>
  at(iso)
    .toLocaleDateString(tag(), { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })
    .replace(/^./, (first) => first.toUpperCase())
/** “Dec 8, 2026”, “8 Dec 2026”. */
export const shortDate = (iso: string) =>
  at(iso).toLocaleDateString(tag(), { day: 'numeric', month: 'short', year: 'numeric' })
/** “Tue, Dec 8”, “Tue 8 Dec”. */
export const weekDay = (iso: string) =>
  at(iso).toLocaleDateString(tag(), { weekday: 'short', day: 'numeric', month: 'short' })
/** “8:06 AM”, “08:06”. zone: "UTC" for times that a machine wrote down without one. */
export const timeOfDay = (moment: string | number | Date, zone?: string) =>
  plain(
    new Date(moment).toLocaleTimeString(tag(), {
      hour: by24() ? '2-digit' : 'numeric',
      hourCycle: by24() ? 'h23' : 'h12',
      minute: '2-digit',
      timeZone: zone,
    }),
  )
/** “Dec 8, 8:06 AM”, “8 Dec, 08:06”. */
export const dateAndTime = (moment: string | number | Date, zone?: string) => {
  const day = { day: 'numeric', month: 'short', timeZone: zone } as const
  return `${new Date(moment).toLocaleDateString(tag(), day)}, ${timeOfDay(moment, zone)}`
}

/** Whole minutes of some seconds. */
export const minutes = (seconds: number) => Math.round(seconds / 60)
/** 4700 → “1 h 18 min”. */
export const span = (seconds: number) => {
  const all = minutes(seconds)
  return all < 60 ? `${all} min` : `${Math.floor(all / 60)} h ${all % 60} min`
}
const two = (n: number) => String(n).padStart(2, '0')
/** 95 → “1:35”. */
export const stopwatch = (seconds: number) => {
  const whole = Math.max(0, Math.round(seconds))
  return `${Math.floor(whole / 60)}:${two(whole % 60)}`
}
/** 3725 → “1:02:05”. */
export const longStopwatch = (seconds: number) => {
  const whole = Math.floor(seconds)
  return `${Math.floor(whole / 3600)}:${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`
}
/** A day as the API takes it: 2026-12-08, of the device's own calendar. */
export const isoDay = (date: Date) =>
  [date.getFullYear(), two(date.getMonth() + 1), two(date.getDate())].join('-')
/** 12000 → “12,000”. */
export const grouped = (value: number) => value.toLocaleString(tag())

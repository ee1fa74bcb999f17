// What is counted or typed beside a watch, through a reload, by name; what nobody has touched for
// some hours belongs to another heater, and is let go.
import { shallowRef, watch } from 'vue'

const HOURS = 3

export function useKept<T>(name: string, empty: T) {
  const key = `munimen.${name}`
  function read(): T {
    try {
      const { at, value } = JSON.parse(localStorage.getItem(key) ?? '') as { at: number; value: T }
      return Date.now() - at < HOURS * 3_600_000 ? value : empty
    } catch {
      return empty
    }
  }
  const value = shallowRef<T>(read())
  watch(value, (now) => localStorage.setItem(key, JSON.stringify({ at: Date.now(), value: now })))
  return value
}

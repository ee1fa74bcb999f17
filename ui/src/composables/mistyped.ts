// Whether a second value looks as if the first had been mistyped: a digit or the point slipped.

type Band = { least: number | null; most: number | null }
const bare = (text: string) => {
  const plain = text.trim().replace(',', '.')
  return /^-?\d+(\.\d*)?$/.test(plain) ? Number(plain) : null
}

/**
 * Whether a second value is what was set: the first lay outside its band, the second lies in it, and
 * no digit slipped. setTo({ least: 3, most: 4 }, '4.67', '3.5') → true
 */
export function setTo(band: Band | null, first: string, second: string): boolean {
  const [one, other] = [bare(first), bare(second)]
  if (!band || one === null || other === null || mistyped(first, second)) return false
  return outside(band, first) && !outside(band, second)
}

/** Whether a bare number lies outside its band. */
export function outside(band: Band | null, typed: string): boolean {
  const value = bare(typed)
  if (!band || value === null) return false
  return value < (band.least ?? -Infinity) || value > (band.most ?? Infinity)
}

const digits = (text: string) => text.replace(/\D/g, '').replace(/^0+/, '')

/** mistyped('4.07', '3.5') → false; mistyped('35', '3.5') → true */
export function mistyped(first: string, second: string): boolean {
  const [one, other] = [digits(first), digits(second)]
  if (!one || !other) return false
  if (one === other || one.replace(/0+$/, '') === other.replace(/0+$/, '')) return true
  if (one.length === other.length) {
    const differ = [...one].filter((digit, at) => digit !== other[at]).length
    const sorted = (text: string) => [...text].sort().join('')
    return sorted(one) === sorted(other) || (one.length > 2 && differ === 1)
  }
  const [short, long] = one.length < other.length ? [one, other] : [other, one]
  return long.length - short.length === 1 && long.includes(short)
}

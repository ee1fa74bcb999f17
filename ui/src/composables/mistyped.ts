// Whether a second value looks as if the first had been mistyped: a digit or the point slipped.

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

import { describe, expect, it } from 'vitest'
import { mistyped, setTo } from './mistyped'

describe('a second value in its band', () => {
  const band = { least: 3, most: 4 }
  it.each([
    ['4.67', '3.5', true],
    ['3.2', '3.5', false],
    ['4.67', '4.2', false],
    ['35', '3.5', false],
    ['4.67', '0.9 kPa', false],
  ])('after %s, %s: that is what was set: %s', (first, second, set) =>
    expect(setTo(band, first, second)).toBe(set),
  )
  it('is asked about where there is no band', () => expect(setTo(null, '4.67', '3.5')).toBe(false))
})

describe('a second value', () => {
  it.each([
    ['4.07', '3.5', false],
    ['90', '62', false],
    ['35', '3.5', true],
    ['26', '62', true],
    ['1190', '119', true],
    ['140', '120', true],
    ['44', '62', false],
    ['hot', '62', false],
  ])('after %s, %s: the first was mistyped: %s', (first, second, typo) =>
    expect(mistyped(first, second)).toBe(typo),
  )
})

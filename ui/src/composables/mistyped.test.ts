import { describe, expect, it } from 'vitest'
import { mistyped } from './mistyped'

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

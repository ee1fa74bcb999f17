import { describe, expect, it } from 'vitest'
import en from './en'
import es from './es'

type Texts = { [key: string]: string | Texts }
/** Each text under its way of keys. */
const flat = (texts: Texts, way = ''): [string, string][] =>
  Object.entries(texts).flatMap(([key, one]) =>
    typeof one === 'string' ? [[way + key, one] as [string, string]] : flat(one, `${way}${key}.`),
  )
const named = (text: string) => [...new Set(text.match(/\{\w+\}/g))].sort().join()
const forms = (text: string) => text.split(' | ').length

describe('Spanish', () => {
  const theirs = new Map(flat(es))
  it('has what English has, and nothing else', () => {
    expect([...theirs.keys()].sort()).toEqual(
      flat(en)
        .map(([key]) => key)
        .sort(),
    )
  })

  it('puts in what English puts in, in as many forms', () => {
    const wrong = flat(en).filter(([key, ours]) => {
      const one = theirs.get(key) ?? ''
      return named(ours) !== named(one) || forms(ours) !== forms(one)
    })
    expect(wrong).toEqual([])
  })
})

// @vitest-environment happy-dom
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { aloud, large, recall, say, setAloud, setLarge } from './useFromAfar'

const said: string[] = []
const cancel = vi.fn()
beforeEach(() => {
  said.length = 0
  localStorage.clear()
  class Spoken {
    lang = ''
    constructor(readonly text: string) {}
  }
  vi.stubGlobal('SpeechSynthesisUtterance', Spoken)
  vi.stubGlobal('speechSynthesis', {
    speak: (one: Spoken) => said.push(`${one.lang} ${one.text}`),
    cancel,
  })
  Object.assign(window, { speechSynthesis })
  recall()
})

describe('what is read from afar', () => {
  it('is said only where it is wanted, in the language of the page, and stops at once', () => {
    say('Read the pressure')
    expect(said).toEqual([])
    setAloud(true)
    say('Read the pressure', null, '62 psi')
    expect(said).toEqual(['en-US Read the pressure. 62 psi'])
    setAloud(false)
    expect(cancel).toHaveBeenCalled()
  })
  it('is remembered on the device', () => {
    setAloud(true)
    setLarge(true)
    aloud.value = large.value = false
    recall()
    expect([aloud.value, large.value]).toEqual([true, true])
    expect(document.documentElement.classList.contains('from-afar')).toBe(true)
  })
})

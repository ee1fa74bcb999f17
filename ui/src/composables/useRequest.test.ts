import { describe, expect, it } from 'vitest'
import { Problem } from '@/api/client'
import { useRequest } from './useRequest'

describe('useRequest', () => {
  it('gives the result, and is busy meanwhile', async () => {
    const { run, busy, error } = useRequest()
    const running = run(async () => {
      expect(busy.value).toBe(true)
      return 7
    })
    expect(await running).toBe(7)
    expect([busy.value, error.value]).toEqual([false, ''])
  })

  it('says what went wrong and in which field, and forgets it with the next try', async () => {
    const { run, error, field, problem } = useRequest()
    const refused = new Problem('name is missing.', 422, 'missing', 'name')
    expect(await run(() => Promise.reject(refused))).toBeUndefined()
    expect([error.value, field.value, problem.value]).toEqual(['name is missing.', 'name', refused])
    await run(() => Promise.reject(new Error('boom')))
    expect([error.value, field.value, problem.value?.code]).toEqual(['boom', null, 'internal'])
    await run(() => Promise.resolve())
    expect(error.value).toBe('')
  })
})

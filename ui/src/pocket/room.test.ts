// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { makeRoom, NoRoom } from './room'
import * as shelf from './shelf'

const MB = 1e6
/** A device of 100 MB of which so many are taken: `plates` by what reads plates, `photos` by
 * photographs that the office has. */
function device({ other = 0, plates = 0, photos = 0 }) {
  vi.stubGlobal('navigator', {
    storage: {
      persist: vi.fn().mockResolvedValue(true),
      estimate: () => Promise.resolve({ quota: 100 * MB, usage: (other + plates + photos) * MB }),
    },
  })
  vi.stubGlobal('caches', {
    delete: (name: string) => {
      if (name === 'plates') plates = 0
      return Promise.resolve(true)
    },
  })
  vi.spyOn(shelf, 'dropPhotos').mockImplementation((days) => {
    if (days === 0) photos = 0
    return Promise.resolve()
  })
  return () => ({ plates, photos })
}

describe('room on a device', () => {
  beforeEach(() => void vi.restoreAllMocks())

  it('is asked to last, and nothing goes where there is enough', async () => {
    const left = device({ other: 50, plates: 20, photos: 5 })
    await makeRoom(20 * MB)
    expect(navigator.storage.persist).toHaveBeenCalled()
    expect(left()).toEqual({ plates: 20, photos: 5 })
  })

  it('is made by what can be had again, and by no more of it than is wanted', async () => {
    const left = device({ other: 60, plates: 20, photos: 10 })
    await makeRoom(20 * MB)
    expect(left()).toEqual({ plates: 0, photos: 10 })
    await makeRoom(33 * MB)
    expect(left()).toEqual({ plates: 0, photos: 0 })
  })

  it('is taken as enough where a browser does not say, and asks nothing that it has not', async () => {
    for (const storage of [undefined, {}, { estimate: () => Promise.resolve({}) }]) {
      vi.stubGlobal('navigator', { storage })
      await expect(makeRoom(500 * MB)).resolves.toBeUndefined()
    }
  })

  it('is not there: so many bytes would be wanted', async () => {
    device({ other: 90, plates: 5 })
    await expect(makeRoom(6 * MB)).rejects.toEqual(new NoRoom(6 * MB))
  })
})

// The room that this device's browser has for what is kept: asked to be lasting, and looked at before
// anything large is fetched. Where it is short, what can be had again goes first.
import { dropPhotos } from './shelf'

const PLATES = 'plates' // what reads a heater's plate (vite.config.ts)
const SPARE = 5_000_000 // bytes that stay free for what is written without a signal

/** There is no room; what would be wanted, in bytes. */
export class NoRoom extends Error {
  constructor(readonly bytes: number) {
    super('No room')
  }
}

/** What some browsers have not, or not all of. */
type Storage = Partial<StorageManager> | undefined

/** Bytes that are free; Infinity where the browser does not say. */
async function free(storage: Storage): Promise<number> {
  const { quota, usage } = (await storage?.estimate?.()) ?? {}
  return quota === undefined || usage === undefined ? Infinity : quota - usage
}

/** Sees to it that so many bytes can be kept; throws NoRoom where they cannot. */
export async function makeRoom(bytes: number) {
  const storage: Storage = navigator.storage
  await storage?.persist?.().catch(() => false)
  const enough = async () => (await free(storage)) >= bytes + SPARE
  if (await enough()) return
  await caches.delete(PLATES)
  if (await enough()) return
  await dropPhotos(0)
  if (!(await enough())) throw new NoRoom(bytes)
}

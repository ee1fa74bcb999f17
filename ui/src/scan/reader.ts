// Codes read from pictures in a worker of their own, loaded when the first picture comes.
let worker: Worker | null = null
let last = 0
const waiting = new Map<number, (text: string | null) => void>()

function started(): Worker {
  if (worker) return worker
  worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  worker.onmessage = ({ data }: MessageEvent<{ id: number; text: string | null }>) => {
    waiting.get(data.id)?.(data.text)
    waiting.delete(data.id)
  }
  return worker
}

/** What the code in a picture says; null where there is none that can be read. */
export function read(picture: Blob | ImageData): Promise<string | null> {
  const id = ++last
  return new Promise((done) => {
    waiting.set(id, done)
    started().postMessage({ id, picture })
  })
}

/** The path of one of our own pages in a tag's code, whatever the address before it; or null. */
export function ownPath(text: string): string | null {
  if (!/^https?:\/\//.test(text)) return null
  const path = new URL(text).pathname
  return /^\/heaters\/[0-9a-f-]{36}$/.test(path) ? path : null
}

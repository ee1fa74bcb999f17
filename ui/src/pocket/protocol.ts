// What the page and the worker with Ruby in it say to each other.

/** Where the runtime is kept (Cache Storage). */
export const RUNTIME = 'munimen-ruby'

/** As offline/build.mjs writes them. */
export interface Names {
  ruby: string
  image: string
  bytes: number
}

export type Asked =
  | { kind: 'start'; names: Names }
  | { kind: 'open'; pack: string }
  | {
      kind: 'call'
      verb: string
      path: string
      /** JSON */
      query: string
      /** JSON, or nothing */
      body: string
      /** ISO time, by the server's clock */
      now: string
      /** Only the writing: it has been answered before. */
      once: boolean
    }

/** text: the status, a blank, and JSON. */
export type Reply = { n: number; text: string } | { n: number; error: string }

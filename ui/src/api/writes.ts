// The writes of the contract: which paths take a POST, what each wants and answers. Types only.
import type { paths } from './schema'

type PostOf<P extends keyof paths> = paths[P] extends { post: infer Operation } ? Operation : never
type JsonOf<T> = T extends { content: { 'application/json': infer Json } } ? Json : never
type WithOptional<T, K extends PropertyKey> = T extends unknown
  ? Omit<T, K & keyof T> & Partial<Pick<T, K & keyof T>>
  : never

/** Paths of the contract that take a POST. */
export type WritePath = {
  [P in keyof paths]: paths[P] extends { post: { responses: unknown } } ? P : never
}[keyof paths]

/** What stands in the path's braces. */
export type WriteParams<P extends WritePath> =
  PostOf<P> extends { parameters: { path: infer Params extends Record<string, unknown> } }
    ? Params
    : Record<string, never>

/** The body; its id is made where none is given. */
export type WriteBody<P extends WritePath> =
  PostOf<P> extends { requestBody?: infer Body }
    ? [JsonOf<NonNullable<Body>>] extends [never]
      ? Record<string, never>
      : WithOptional<JsonOf<NonNullable<Body>>, 'id'>
    : Record<string, never>

/** What the server answers. */
export type WriteAnswer<P extends WritePath> =
  PostOf<P> extends { responses: { 200: infer Answer } } ? JsonOf<Answer> : never

/** Writes into a visit, by the last part of their path. */
export type VisitWrite = WritePath extends infer P
  ? P extends `/api/visits/{id}/${infer What}`
    ? WriteAnswer<P & WritePath> extends { plan: unknown }
      ? What
      : never
    : never
  : never
export type VisitWriteBody<W extends VisitWrite> = WriteBody<
  Extract<WritePath, `/api/visits/{id}/${W}`>
>

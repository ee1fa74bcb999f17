// Exercises on the training rig: a visit whose id says so.
import { api, unwrap, type Schemas } from './client'

/** Whether an id is that of a training visit. */
export const isTraining = (id: string | undefined) => /^00000000-0000-4000-8000-/.test(id ?? '')

const path = (id: string) => ({ params: { path: { id } } })
export const training = {
  show: (id: string): Promise<Schemas['Exercise']> =>
    unwrap(api.GET('/api/training/{id}', path(id))),
  clock: (id: string, body: { speed?: 1 | 10 | 60; skip?: number }): Promise<Schemas['Exercise']> =>
    unwrap(api.PUT('/api/training/{id}/clock', { ...path(id), body })),
  test: (id: string, test: string) =>
    unwrap(api.POST('/api/training/{id}/tests', { ...path(id), body: { test } })),
  cause: (id: string, cause: string) =>
    unwrap(api.POST('/api/training/{id}/cause', { ...path(id), body: { cause } })),
  end: (id: string): Promise<Schemas['Debrief']> =>
    unwrap(api.POST('/api/training/{id}/end', path(id))),
  debrief: (id: string): Promise<Schemas['Debrief']> =>
    unwrap(api.GET('/api/training/{id}/debrief', path(id))),
  sights: (id: string, operation: string) =>
    unwrap(
      api.GET('/api/training/{id}/sights', { params: { path: { id }, query: { operation } } }),
    ),
}

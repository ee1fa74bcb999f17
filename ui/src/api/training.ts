// Exercises on the training rig: a visit whose id says so. What is done there waits for a signal as
// everything else.
import { api, unwrap, uuid, type Schemas } from './client'
import { write } from './outbox'
import type { WriteBody } from './writes'

const VISIT = '00000000-0000-4000-8000-'
/** Whether an id is that of a training visit. */
export const isTraining = (id: string | undefined) => !!id?.startsWith(VISIT)

const path = (id: string) => ({ params: { path: { id } } })
export const training = {
  all: (): Promise<Schemas['Training']> => unwrap(api.GET('/api/training', {})),
  start: (of: WriteBody<'/api/training'>) => {
    const id = `${VISIT}${uuid().slice(-12)}`
    return write('/api/training', {}, { ...of, id })
  },
  show: (id: string): Promise<Schemas['Exercise']> =>
    unwrap(api.GET('/api/training/{id}', path(id))),
  clock: (id: string, body: WriteBody<'/api/training/{id}/clock'>) =>
    write('/api/training/{id}/clock', { id }, body),
  test: (id: string, test: string) => write('/api/training/{id}/tests', { id }, { test }),
  cause: (id: string, cause: string) => write('/api/training/{id}/cause', { id }, { cause }),
  end: (id: string) => write('/api/training/{id}/end', { id }, {}),
  debrief: (id: string): Promise<Schemas['Debrief']> =>
    unwrap(api.GET('/api/training/{id}/debrief', path(id))),
  sights: (id: string, operation: string) =>
    unwrap(
      api.GET('/api/training/{id}/sights', { params: { path: { id }, query: { operation } } }),
    ),
  trace: (id: string, instrument: string) =>
    unwrap(
      api.GET('/api/training/{id}/trace', { params: { path: { id }, query: { instrument } } }),
    ),
}

// The visit on the screen, for the parts that it is made of: they write into it without handing
// each write up from part to part.
//
//   const { send } = useVisit()
//   await send('jobs', { job: 'flush' })
import { inject, provide, type InjectionKey } from 'vue'
import type { PlannedStep, Schemas } from '@/api/client'
import type { VisitWrite, VisitWriteBody, WriteBody } from '@/api/writes'

export interface VisitOnScreen {
  id: string
  /** Writes; the visit as it then stands is on the screen. False when it was refused. */
  send: <W extends VisitWrite>(what: W, body: VisitWriteBody<W>) => Promise<boolean>
  /** The same, but throws a Problem where it was refused: for a field that says so itself. */
  put: <W extends VisitWrite>(what: W, body: VisitWriteBody<W>) => Promise<void>
  /** Plain acts, said together by one touch: each is written by itself. False: one was refused. */
  together: (acts: PlannedStep[]) => Promise<boolean>
  /** Takes back an answer, by the id of its entry or the name of a decision. */
  takeBack: (id: string, reason?: string) => Promise<void>
  /** Keeps a photograph of an item or a part; rejects when it was refused. */
  photo: (subject: string, file: Blob) => Promise<void>
  /** Writes a reading; throws a Problem. What it changed is on the screen when it comes back. */
  read: (reading: WriteBody<'/api/visits/{id}/readings'>) => Promise<Schemas['Judged']>
}

const KEY: InjectionKey<VisitOnScreen> = Symbol('visit')

export const provideVisit = (visit: VisitOnScreen) => provide(KEY, visit)

export function useVisit(): VisitOnScreen {
  const visit = inject(KEY)
  if (!visit) throw new Error('useVisit needs a visit on the screen')
  return visit
}
/** The id of the visit on the screen, or null elsewhere (a shared page, a report). */
export const useVisitId = () => inject(KEY, null)?.id ?? null

// What each guide is given.
import type { PlannedStep, Visit } from '@/api/client'

export interface GuideProps {
  visit: Visit
  step: PlannedStep
  /** Writes a reading of this step. */
  take: (name: string, value: string) => Promise<boolean>
}

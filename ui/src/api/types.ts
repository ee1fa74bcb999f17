// What the API speaks of, by its contract.
import type { components } from './schema'

export type Schemas = components['schemas']
export type Visit = Schemas['Visit']
export type PlannedStep = Schemas['PlannedStep']
export type Verdict = Schemas['Verdict']
export type Grade = Schemas['Grade']
export type Report = Schemas['Report']
export type Heater = Schemas['Heater']

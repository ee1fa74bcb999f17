// Guided parts: a step that names a guide is led through by it instead of by a plain list of
// readings. Each file of this folder is one guide; the reading fields come from the step card
// through the slot “field”.
import type { Component } from 'vue'
import AirPurge from './AirPurge.vue'
import Chain from './Chain.vue'
import Coil from './Coil.vue'
import Flush from './Flush.vue'
import GasPressures from './GasPressures.vue'
import GasWait from './GasWait.vue'
import Lever from './Lever.vue'
import Paper from './Paper.vue'
import Pilot from './Pilot.vue'
import ProveDead from './ProveDead.vue'
import Relight from './Relight.vue'

export const guides: Record<string, Component> = {
  air_purge: AirPurge,
  chain: Chain,
  coil: Coil,
  flush: Flush,
  gas_pressures: GasPressures,
  gas_wait: GasWait,
  lever: Lever,
  paper: Paper,
  pilot: Pilot,
  prove_dead: ProveDead,
  relight: Relight,
}
/** Guides that are a picture over plain readings: the first of these is at hand at once. */
export const OVER_READINGS = ['gas_pressures', 'coil']

import { describe, expect, it } from 'vitest'
import { told } from './fields'

const ALL = [
  'model',
  'serial',
  'capacity',
  'input',
  'working_pressure',
  'element_upper',
  'element_lower',
  'element_voltage',
  'manifold_pressure',
  'fuel',
]
const read = (text: string) =>
  Object.fromEntries(told(text, ALL).map((one) => [one.field, one.value]))

describe('what a plate tells', () => {
  it('reads a US gas plate, with the units that stand on it', () => {
    const text = `ORRIN WORKS\nMODEL NO. GX-40T12\nSERIAL NO. 104429871A\nCAPACITY 40 GAL
INPUT 38,000 BTU/HR\nNATURAL GAS   MANIFOLD 4.0 IN. W.C.\nMAX WORKING PRESSURE 150 PSI   TEST 300 PSI`
    expect(read(text)).toEqual({
      model: 'GX-40T12',
      serial: '104429871A',
      capacity: '40 gal',
      input: '38000 Btu/h',
      working_pressure: '150 psi',
      manifold_pressure: '4.0 in. w.c.',
      fuel: 'natural_gas',
    })
  })
  it('reads an electric one, and one of both measures', () => {
    expect(read('UPPER 4500 W LOWER 4500 W\n240 VOLTS')).toEqual({
      element_upper: '4500 W',
      element_lower: '4500 W',
      element_voltage: '240',
    })
    expect(read('Capacity 40 IMP GAL 182 L').capacity).toBe('40 gal_imp')
    expect(read('Max working pressure 6 bar').working_pressure).toBe('6 bar')
  })
  it('proposes nothing that cannot be, no word for a code, and no field that is not wanted', () => {
    expect(read('MODEL NUMBER\nSERIAL NO\nWORKING PRESSURE 1560 PSI\nCAPACITY 4000 GAL')).toEqual(
      {},
    )
    expect(read('INPUT 38 BTU/HR  UPPER 45 W  400 V')).toEqual({})
    expect(told('MODEL GX-40T12', ['serial'])).toEqual([])
  })
})

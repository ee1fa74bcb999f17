// What a plate's text tells of a heater: proposals for fields, each with what was read. Plates of
// both countries; a figure is proposed with the unit that stands beside it, never without one.
export type Read = { field: string; value: string }

const number = String.raw`(\d{1,3}(?:[ ,]\d{3})+|\d+(?:[.,]\d+)?)`
const no = String.raw`(?:\s*(?:N[O0°º]\.?|NUMBER|#))?[\s:.#]*`
const code = String.raw`([A-Z0-9](?:[A-Z0-9/-]*[A-Z0-9])?)`
/** A field, how its line begins or ends, and what is made of what was found there. */
const LINES: [string, RegExp, ((found: RegExpMatchArray) => string | null)?][] = [
  ['model', new RegExp(String.raw`\bMODEL${no}${code}`, 'i'), (found) => coded(found[1]!, 4)],
  [
    'serial',
    new RegExp(String.raw`\bSER(?:IAL)?${no}${code}`, 'i'),
    (found) => coded(found[1]!, 6),
  ],
  [
    'capacity',
    new RegExp(String.raw`${number}\s*(US GAL|IMP GAL|GAL|LITRES?|LITERS?|L)\b`, 'i'),
    sized,
  ],
  ['input', new RegExp(String.raw`INPUT[^\d\n]*${number}\s*(BTU|KW)`, 'i'), rated],
  [
    'working_pressure',
    new RegExp(
      String.raw`WORKING\s*(?:PRESSURE|PRESS\.?|HEAD)?[^\d\n]*${number}\s*(PSI|BAR|KPA)`,
      'i',
    ),
    (found) => within(found, { PSI: [50, 300], BAR: [2, 20], KPA: [300, 2100] }),
  ],
  ['element_upper', new RegExp(String.raw`UPPER[^\d\n]*${number}\s*(W|KW)\b`, 'i'), watts],
  ['element_lower', new RegExp(String.raw`LOWER[^\d\n]*${number}\s*(W|KW)\b`, 'i'), watts],
  [
    'element_voltage',
    new RegExp(String.raw`\b(\d{3})\s*(?:V|VOLTS?|VAC)\b`, 'i'),
    (found) => (['120', '208', '230', '240'].includes(found[1]!) ? found[1]! : null),
  ],
  [
    'manifold_pressure',
    new RegExp(String.raw`MANIFOLD[^\d\n]*${number}\s*(IN|"|MBAR)`, 'i'),
    (found) => `${plain(found[1]!)} ${/mbar/i.test(found[2]!) ? 'mbar' : 'in. w.c.'}`,
  ],
  [
    'fuel',
    /\b(NATURAL GAS|NAT\.? GAS|PROPANE|LP GAS|L\.?P\.?G\.?|BUTANE)\b/i,
    (found) => (/nat/i.test(found[1]!) ? 'natural_gas' : /but/i.test(found[1]!) ? 'butane' : 'lp'),
  ],
]

const plain = (text: string) => text.replace(/[ ,](?=\d{3})/g, '').replace(',', '.')
/** A code with a figure in it and long enough: a word beside it is none. */
const coded = (text: string, least: number) =>
  text.length >= least && /\d/.test(text) ? text.toUpperCase() : null

function within(found: RegExpMatchArray, bounds: Record<string, [number, number]>): string | null {
  const unit = found[2]!.toUpperCase()
  const [least, most] = bounds[unit] ?? [Infinity, 0]
  const value = Number(plain(found[1]!))
  const spelt = { PSI: 'psi', BAR: 'bar', KPA: 'kPa' }[unit]
  return value >= least && value <= most ? `${value} ${spelt}` : null
}
function sized(found: RegExpMatchArray): string | null {
  const unit = found[2]!.toUpperCase()
  const value = Number(plain(found[1]!))
  if (unit.startsWith('L')) return value >= 20 && value <= 600 ? `${value} L` : null
  return value >= 5 && value <= 130 ? `${value} ${unit === 'IMP GAL' ? 'gal_imp' : 'gal'}` : null
}
function rated(found: RegExpMatchArray): string | null {
  const value = Number(plain(found[1]!))
  if (/kw/i.test(found[2]!)) return value >= 1 && value <= 60 ? `${value} kW` : null
  return value >= 10_000 && value <= 200_000 ? `${value} Btu/h` : null
}
function watts(found: RegExpMatchArray): string | null {
  const value = Number(plain(found[1]!)) * (/^kw$/i.test(found[2]!) ? 1000 : 1)
  return value >= 500 && value <= 12_000 ? `${value} W` : null
}

/** What a plate's text tells, of the fields that a heater has; each field once. */
export function told(text: string, wanted: string[]): Read[] {
  return LINES.flatMap(([field, line, made]) => {
    if (!wanted.includes(field)) return []
    const found = text.match(line)
    const value = found && (made ? made(found) : found[1]!)
    return value ? [{ field, value }] : []
  })
}

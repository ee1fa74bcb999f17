// Units as people write them; the API speaks in symbols.
const LABELS: [RegExp, string][] = [
  [/\bdegF\b/g, '°F'],
  [/\bdegC\b/g, '°C'],
  [/\bdeltaF\b/g, '°F'],
  [/\binH2O\b/g, 'in. w.c.'],
]

/** A unit, or a text with units in it, with their labels. */
export const withLabels = (text: string) =>
  LABELS.reduce((said, [symbol, label]) => said.replace(symbol, label), text)

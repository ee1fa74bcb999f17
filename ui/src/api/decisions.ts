// Names of decisions about something, as core/visit/decisions.rb has them.
type About =
  | [kind: 'danger', check: string, what: 'action' | 'told']
  | [kind: 'fault', symptom: string, test: string]
  | [kind: 'also', operation: string]
  | [kind: 'situation', check: string]
  | [kind: 'apart', entry: string]
  | [kind: 'open', check: string]
  | [kind: 'paper', paper: string]

/** decisionName('danger', 'relief_drip', 'told') → “danger.relief_drip.told” */
export const decisionName = (...about: About) => about.join('.')

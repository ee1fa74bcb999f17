export default {
  app: { today: 'Today', customers: 'Customers', signOut: 'Sign out', dark: 'Dark', light: 'Light', emergency: 'Gas or CO', waiting: '{n} waiting to be sent', offline: 'No connection – kept here', skip: 'To the content' },
  grade: { danger: 'Danger', defect: 'Defect', watch: 'Watch', advice: 'Advice', sound: 'Sound', not_tested: 'Not tested' },
  kind: { gas_storage: 'Gas storage', electric_storage: 'Electric storage' },
  status: { booked: 'Booked', open: 'Under way', signed: 'Signed' },
  outcome: { in_service: 'In service', in_service_with_limits: 'In service, with limits', left_off: 'Left off, made safe' },
  signIn: { title: 'Sign in', email: 'E-mail', password: 'Password', go: 'Sign in', demo: 'Demo accounts – made-up data', use: 'Use', lead: 'Water heaters, serviced in the right order.' },
  today: {
    visits: 'Visits today', owed: 'Owed, worst first', none: 'No visit today. Open a customer’s heater and book one.', nothingOwed: 'Nothing is owed in the next two weeks.',
    start: 'Start', goOn: 'Go on', report: 'Report', late: '{n} days late', due: 'due {on}', dueToday: 'today', minutes: '{n} min', hands: '{n} min hands-on', book: 'Book',
  },
  customers: { title: 'Customers', search: 'Name, address or phone', add: 'New customer', name: 'Name', phone: 'Phone', email: 'E-mail', none: 'Nobody found. Add the first customer.', keep: 'Keep', address: 'Address', access: 'How to get in', addSite: 'New site', addHeater: 'New heater', noSites: 'No site yet: add the address where the heater stands.', noHeaters: 'No heater yet: add it from its data plate.' },
  heater: {
    record: 'Record', book: 'Book a visit', start: 'Start a visit now', change: 'Change', owed: 'Open and owed', visits: 'Visits', none: 'Nothing is open.', noVisits: 'No visit yet.', drawing: 'Section', ladder: 'Safety ladder', plate: 'Installed',
    job: 'What is to be done', when: 'When', label: 'Where it stands, in a word', plateTitle: 'From the data plate', around: 'Around it', keep: 'Keep', unknownNote: 'Leave open what you cannot see: unknown lowers no guard.',
  },
  field: {
    kind: 'Kind', maker: 'Maker', model: 'Model', serial: 'Serial', capacity: 'Capacity', input: 'Gas input', working_pressure: 'Rated working pressure', set_point: 'Set point', element_upper: 'Upper element', element_lower: 'Lower element', element_voltage: 'Element voltage',
    vessel: 'Expansion tank', vessel_volume: 'Tank volume', regulator: 'Pressure regulator', regulator_setting: 'Regulator setting', backflow: 'Backflow preventer or check', hood: 'Draft', ignition: 'Ignition', pan: 'Drain pan', mixing_valve: 'Mixing valve', recirculation: 'Recirculation', anode: 'Anode', location: 'Location', relief_history: 'T&P valve history', discharge_ends: 'Discharge pipe ends',
    relief_set_pressure: 'T&P set pressure', relief_set_temperature: 'T&P set temperature', relief_rating: 'T&P rating (temperature)', relief_probe: 'T&P probe length', relief_thread: 'T&P thread', manufactured: 'Made', installed: 'Installed', instructions_kept: 'Instructions kept',
  },
  word: {
    gas_storage: 'Gas storage', electric_storage: 'Electric storage', open: 'Open hood', sealed: 'Sealed', unknown: 'Not known', pilot_thermocouple: 'Pilot, thermocouple', pilot_thermopile: 'Pilot, thermopile', intermittent: 'Intermittent ignition', external: 'Present', none: 'None', yes: 'Yes', no: 'No', separate: 'Separate', combined: 'With the outlet',
    basement: 'Basement', garage: 'Garage', closet: 'Closet', attic: 'Attic', utility_room: 'Utility room', exercised_yearly: 'Exercised yearly', not_known: 'Not known', floor: 'Floor', pan: 'Pan', outdoors: 'Outdoors', receptor: 'Receptor',
  },
  visit: {
    steps: 'Order of work', step: 'In hand', drawing: 'Drawing', findings: 'Findings', finish: 'Finish', why: 'Why', how: 'How', with: 'With', first: 'First it must be true', goTo: 'Go to that step', cautions: 'Mind',
    done: 'Done', next: 'Done – next', notTested: 'Not tested…', alreadySo: 'It was already so', undo: 'Undo last step', doneCount: '{n} done', allSound: 'All sound here', sound: 'Sound', notVisible: 'Not visible', notApplicable: 'Does not apply', reason: 'Reason', keep: 'Keep', cancel: 'Cancel',
    reasons: { not_visible: 'Not visible', no_access: 'No access', refused: 'Refused by the customer', policy: 'House rule', not_applicable: 'Does not apply', unsafe: 'Unsafe to do' },
    more: 'Say more', total: '{n} min left', hands: '{n} min hands-on', hot: 'done about {at}', read: 'Type the number, Enter', optional: 'may be left out', was: 'was {old}', because: 'Reason', limit: 'Limit', source: 'Source', remedy: 'Do',
    meaning: 'What it means together', found: 'as found', set: 'as set', without: 'without one', hotPressure: 'Hot, from cold', thisDraw: 'After this draw', toRelief: 'To relief', min: '{n} min', never: 'never', lifts: 'reaches relief',
    start: 'Start the visit', locked: 'Signed and locked.', openReport: 'Open the report', nothing: 'Nothing left to do. Judge, tell the customer, sign.', goFinish: 'Go to Finish', impossible: 'Cannot be done', superfluous: 'Not needed', running: 'While this runs, go on with what comes next.', over: 'It is over', timer: 'Start the ten seconds', timing: 'Watching: {n} s', consent: 'May the lever be lifted?', given: 'Yes, go ahead', refused: 'No',
    spare: 'A spare valve is at hand', addByHand: 'Add a deficiency', search: 'Two or three letters', none: 'Nothing found so far.', place: 'Where exactly', note: 'Note', add: 'Add', by: 'within {n} days', today: 'today', rectified: 'Put right on this visit', keys: 'Keys', left: 'left out', looking: 'Look, do not touch', state: 'State of the heater', normal: 'Everything in normal operation', corrected: 'Corrected readings',
  },
  finish: {
    title: 'Finish the visit', outcome: 'How the heater is left', proposed: 'proposed', why: 'Why otherwise', obstacles: 'Before it can be signed', action: 'Done on the spot', told: 'Who was told', customer: 'Customer signs', refused: 'Customer does not sign', refusal: 'Reason given', plumber: 'You sign, and lock the visit', name: 'Name', clear: 'Clear', sign: 'Sign', signHere: 'Sign here with a finger or the mouse; or type the name only', signed: '{name} signed', didNot: 'Did not sign: {why}', page: 'See the customer’s page', mark: 'Say what was done',
  },
  report: { pdf: 'PDF', print: 'Print', results: 'What was measured', meaning: 'What the pressures mean together', measured: 'Measured', limit: 'Limit', verdict: 'Verdict', todo: 'What must be done', by: 'by', notTested: 'What was not tested, and why', done: 'What was done', cautions: 'Please note', next: 'Next dates', who: 'Who', glossary: 'In plain words', rules: 'Judged by', draft: 'Draft – not signed yet', rectified: 'Found, and put right on this visit', customer: 'Customer', plumber: 'Plumber', notSigned: 'not signed', back: 'Back to the visit', told: 'Told', action: 'Done on the spot', rule: 'Rule' },
  keys: { title: 'Keys', n: 'next step', p: 'previous step', s: 'this line is sound', a: 'all sound here', x: 'not tested, with a reason', slash: 'add a deficiency', g: 'gas smell or CO alarm', q: 'these keys', enter: 'keep the reading; then done', num: 'choose an answer', u: 'undo the last step', d: 'drawing or ladder' },
  emergency: { close: 'Back' },
}

// What is called differently in England. The same keys as en.ts; all else falls back to it.
export default {
  field: {
    capacity: 'Capacity', input: 'Heat input', working_pressure: 'Rated working pressure', element_upper: 'Upper immersion', element_lower: 'Lower immersion', element_voltage: 'Supply voltage', vessel: 'Expansion vessel', vessel_volume: 'Vessel volume',
    regulator: 'Pressure reducing valve', regulator_setting: 'Reducing valve setting', backflow: 'Check valve', hood: 'Draught', pan: 'Drip tray', relief_history: 'Relief valve history', discharge_ends: 'D2 ends', mixing_valve: 'Thermostatic mixing valve', recirculation: 'Secondary return',
    relief_set_pressure: 'T&P relief set pressure', relief_set_temperature: 'T&P relief set temperature', relief_rating: 'T&P relief discharge rating', relief_probe: 'T&P relief probe length', relief_thread: 'T&P relief thread', relief_fitted: 'T&P relief fitted on', set_point: 'Thermostat setting',
  },
  word: { attic: 'Loft', basement: 'Cellar', pan: 'Drip tray', two_port: 'Two-port valve', outdoors: 'Outdoors, low level', floor: 'Floor', bubble: 'Air bubble inside' },
  guide: { air: { ready: 'Open the tap; count half a minute of steady water.' }, chain: { two_port: 'two-port' } },
  calculator: { use: 'Use in this visit' },
}

# frozen_string_literal: true

# Supply, controls and elements. Ohms need the feed proved dead and a lead off; volts are read in
# their own sequence.
t = Munimen::Faults::Test.method(:line)
dead = { feed: :proved_dead, covers: :off }
ohms = lambda do |reading|
  lambda do |visit|
    read = visit.quantity(reading) or next
    plate = visit.heater.element_upper || visit.heater.element_lower || visit.heater.immersion_power
    volts = visit.heater.volts(visit.units)
    rated = plate ? (volts**2) / plate.si : read.si
    read.si > rated * 3 ? :open : :rated
  end
end
earth = lambda do |reading|
  ->(visit) { (read = visit.quantity(reading)) && (read.si < 1e6 ? :earthed : :clear) }
end

t.call :breaker,
       "The {breaker}",
       {
         on: "is on, and stays on",
         off: "was off or tripped, stays when reset",
         trips_again: "trips again"
       },
       minutes: 1
t.call :supply,
       "Supply at the {heater}'s terminals, leg by leg",
       { live: "full voltage", none: "nothing", one_leg: "one leg missing" },
       minutes: 5,
       depth: :opened,
       caution: [:two_feeds],
       instrument: ["Two-pole tester"],
       needs: [{ covers: :off }]
t.call :high_limit,
       "{High_limit}, red button",
       { set: "set", popped: "had popped" },
       minutes: 3,
       depth: :opened,
       needs: [dead],
       operation: [:press_high_limit],
       seen: ->(visit) { { set: :set, tripped: :popped }[visit.choice(:high_limit_found)] }
t.call :upper_volts,
       "Volts across the upper {element}, the thermostat calling",
       { full: "full", none: "none" },
       minutes: 4,
       depth: :opened,
       caution: [:two_feeds],
       needs: [{ covers: :off, level: :full }],
       instrument: ["Multimeter"]
t.call :upper_ohms,
       "Ohms of the upper {element}",
       { rated: "as rated", open: "open" },
       minutes: 4,
       depth: :opened,
       needs: [dead],
       instrument: ["Multimeter"],
       operation: [:measure_elements],
       seen: ohms.call(:element_resistance)
t.call :upper_earth,
       "Upper {element} to its sheath",
       { clear: "clear", earthed: "below 1 MΩ" },
       minutes: 3,
       depth: :opened,
       needs: [dead],
       instrument: ["Insulation tester"],
       operation: [:measure_elements],
       seen: earth.call(:element_earth)
t.call :lower_volts,
       "Volts across the lower {element}, the upper satisfied",
       { full: "full", none: "none" },
       minutes: 6,
       depth: :opened,
       caution: [:two_feeds],
       needs: [{ covers: :off, level: :full }],
       instrument: ["Multimeter"]
t.call :lower_ohms,
       "Ohms of the lower {element}",
       { rated: "as rated", open: "open" },
       minutes: 4,
       depth: :opened,
       needs: [dead],
       instrument: ["Multimeter"],
       operation: [:measure_elements],
       seen: ohms.call(:element_resistance_lower)
t.call :lower_earth,
       "Lower {element} to its sheath",
       { clear: "clear", earthed: "below 1 MΩ" },
       minutes: 3,
       depth: :opened,
       needs: [dead],
       instrument: ["Insulation tester"],
       operation: [:measure_elements],
       seen: earth.call(:element_earth_lower)
t.call :drain_sample,
       "A sample from the drain, white pail",
       { clear: "clear or a few flecks", heavy: "grit or heavy sediment" },
       minutes: 4,
       depth: :reading,
       caution: [:scald],
       seen: lambda { |visit|
         { clear: :clear, flecks: :clear, grit: :heavy, heavy: :heavy }[visit.choice(:flush_result)]
       }
t.call :covers_wet,
       "Under the covers",
       { dry: "dry", wet: "wet" },
       minutes: 3,
       depth: :opened,
       needs: [dead]
t.call :terminals,
       "Terminals at {heater} and {breaker}",
       { tight: "tight and clean", burnt: "loose, or browned by heat" },
       minutes: 5,
       depth: :opened,
       needs: [dead]
t.call :breaker_size,
       "{Breaker} against 125 % of the load",
       { right: "right", small: "too small" },
       minutes: 2
t.call :trips_when,
       "It trips",
       {
         under_load: "after some minutes of heating",
         at_once: "at once when switched on",
         leakage_only: "only the residual-current device, now and then"
       },
       minutes: 1
t.call :wiring,
       "Wiring with the elements disconnected",
       { sound: "sound", shorted: "shorted or to earth" },
       minutes: 8,
       depth: :opened,
       needs: [dead],
       instrument: ["Insulation tester"]
t.call :passes_down,
       "Upper thermostat satisfied: it passes voltage on to the lower",
       { yes: "yes", no: "no" },
       minutes: 5,
       depth: :opened,
       caution: [:two_feeds],
       needs: [{ covers: :off, level: :full }],
       instrument: ["Multimeter"]
t.call :stat_contacts,
       "Thermostat turned down, dead: its contacts",
       { open: "open", closed: "stay closed" },
       minutes: 5,
       depth: :opened,
       needs: [{ feed: :proved_dead }],
       instrument: ["Continuity tester"]
t.call :time_switch,
       "Time switch or tariff",
       { on: "on, at the right hours", off: "off, or at the wrong hours" },
       minutes: 1

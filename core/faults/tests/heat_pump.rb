# frozen_string_literal: true

# Air, mode and filter of a heat pump.
t = Munimen::Faults::Test.method(:line)

t.call :heat_pump_mode,
       "Its mode, on its display",
       { heat_pump: "heat pump or hybrid", other: "vacation, or elements alone" },
       minutes: 1,
       seen: lambda { |visit|
         mode = visit.choice(:heat_pump_mode)
         mode && (%i[heat_pump hybrid].include?(mode) ? :heat_pump : :other)
       }
t.call :heat_pump_filter,
       "Its air filter",
       { clean: "clean", choked: "choked" },
       minutes: 2,
       caution: [:starts_by_itself],
       seen: lambda { |visit|
         { sound: :clean, dirty: :choked }[visit.observation(:heat_pump_filter)&.finding] ||
           { clean: :clean, dusty: :clean, choked: :choked }[visit.choice(:filter_state)]
       }
t.call :heat_pump_air,
       "The air going in",
       { mild: "5 °C (41 °F) and more", cold: "colder" },
       minutes: 2,
       depth: :reading,
       instrument: ["Thermometer"],
       seen: ->(visit) { { cold: :cold, mild: :mild, warm: :mild }[visit.air_drop.air] }
t.call :heat_pump_drop,
       "Air in less air out, after it has run a quarter of an hour",
       { usual: "4 to 8 K", more: "more than 8 K", little: "2 to 4 K", none: "hardly any" },
       minutes: 17,
       depth: :reading,
       instrument: ["Thermometer"],
       operation: [:read_heat_pump],
       seen: ->(visit) { visit.air_drop.fall }

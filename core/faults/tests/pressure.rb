# frozen_string_literal: true

# Pressure, temperature and drips: what a visit reads anyway counts by itself.
Munimen::Faults::Test.define :drip_when do
  ask "When does it drip?"
  outcomes on_heat_up: "only while it heats up",
           all_day: "all day",
           night: "any time, worst at night",
           after_exercise: "since the lever was lifted"
  no_normal
  minutes 1
end
Munimen::Faults::Test.define :drip_temperature do
  ask "Feel the pipe with the back of the hand: the drip is"
  outcomes cold: "cold or luke-warm", hot: "hot"
  no_normal
  minutes 1
  caution :scald
  seen do |visit|
    found = visit.observation(:relief_as_found)&.finding.to_s
    found.end_with?("hot", "steams") ? :hot : (:cold if found.end_with?("cold"))
  end
end
Munimen::Faults::Test.define :static_pressure do
  ask "Static pressure, nothing running"
  instrument "Pressure gauge"
  outcomes normal: "within limits",
           high: "above the limit, or equal to the {mains} behind a regulator",
           low: "below 40 psi (2.8 bar)"
  minutes 3
  depth :reading
  operation :read_static_pressure
  seen do |visit|
    read = visit.quantity(:static_pressure) or next
    limit = visit.rules.limit(:static_pressure)
    if limit&.violated_by(read) ||
       (
         visit.heater.unvented? && visit.heater.regulator_setting &&
           read.si > visit.heater.regulator_setting.si * 1.2
       )
      next :high
    end

    read.in("psi") < 40 && !visit.heater.unvented? ? :low : :normal
  end
end
Munimen::Faults::Test.define :night_creep do
  ask "Maximum hand left on for some hours without heating or use"
  instrument "Pressure gauge with maximum hand"
  outcomes steady: "stays where it was", rises: "has risen"
  minutes 10
  depth :reading
  # From a log: 3 psi at rest; from memory.
  seen { |visit| (risen = visit.quantity(:night_rise)) && (risen.si > 20_000 ? :rises : :steady) }
end
Munimen::Faults::Test.define :hot_peak do
  ask "Maximum hand over one heating"
  instrument "Pressure gauge with maximum hand"
  outcomes normal: "rises little",
           at_relief: "goes up to where the valve opens",
           risen: "rises much, below that"
  minutes 15
  depth :reading
  operation :read_hot_peak_found
  seen do |visit|
    peak = visit.quantity(:hot_peak_found) or next
    next :at_relief if peak.si > visit.heater.first_relief_pressure.si - 70_000

    static = visit.quantity(:static_pressure)
    static && peak.si > static.si + 140_000 ? :risen : :normal
  end
end
# What is charged is a vessel, whatever the record says.
with_vessel = ->(heater) { heater.vessel == :external ? heater : heater.with(vessel: :external) }
Munimen::Faults::Test.define :charge do
  ask "Charge of the {vessel}, water side at zero"
  instrument "{tire_gauge}"
  outcomes right: "equal to the supply, within tolerance", low: "low", flat: "flat"
  minutes 8
  depth :reading
  needs heater_pressure: :zero
  operation :read_vessel_charge
  implies(&with_vessel)
  seen do |visit|
    reading = visit.reading(:vessel_charge)
    target = visit.charge_target
    next unless visit.pressure_at_vessel(reading) == :zero && target

    share = reading.quantity.si / target.si
    if share < 0.25 then :flat
    else share < 0.9 ? :low : :right
    end
  end
end
Munimen::Faults::Test.define :air_valve do
  ask "Press the {vessel}'s air valve for a moment"
  outcomes air: "air", water: "water", nothing: "nothing"
  minutes 1
  operation :test_air_valve
  implies(&with_vessel)
  seen { |visit| visit.choice(:air_valve_emits) }
end
Munimen::Faults::Test.define :bubble_age do
  ask "When was the air bubble renewed?"
  outcomes recent: "within 18 months", long_ago: "longer ago, or never"
  minutes 1
  remembered do |visits, on|
    renewed = visits.find { |visit| visit.done?(:renew_bubble) }
    # nobody of ours was there so long ago
    next if renewed.nil? && (visits.empty? || visits.last.date > on - 548)

    renewed && renewed.date > on - 548 ? :recent : :long_ago
  end
end
Munimen::Faults::Test.define :lever_wash do
  ask "Work the lever 3–4 times, knock lightly: after ten seconds it"
  outcomes stays: "still drips", dry: "is dry"
  minutes 3
  depth :reading
  needs level: :full, heater_pressure: :live, discharge: :seen_safe
  caution :scald, :stand_aside
  seen { |visit| { dry: :dry, drips: :stays }[visit.choice(:relief_drip_washed)] }
end
Munimen::Faults::Test.define :group_pressure do
  ask "Pressure after the reducing valve, nothing running"
  instrument "Pressure gauge"
  outcomes setting: "its setting", mains: "equal to the {mains}"
  minutes 4
  depth :reading
end
Munimen::Faults::Test.define :mains_off do
  ask "Shut the {mains} supply, watch the gauge"
  instrument "Pressure gauge"
  outcomes holds: "holds or falls", rises: "stays above the setting, fed from somewhere"
  minutes 5
  depth :reading
end
Munimen::Faults::Test.define :tap_temperature do
  ask "Temperature at the nearest hot {tap}"
  instrument "Thermometer"
  outcomes as_set: "as set", above: "far above the setting", below: "below it"
  minutes 3
  depth :reading
  caution :scald
  operation :read_tap_temperature
  seen do |visit|
    read = visit.quantity(:tap_temperature) or next
    set = visit.heater.usual_set_point
    if read.si > set.si + 12 then :above
    else read.si < set.si - 10 ? :below : :as_set
    end
  end
end
Munimen::Faults::Test.define :thermostat_down do
  ask "Thermostat turned down while it heats: the heat"
  outcomes stops: "stops", goes_on: "goes on"
  minutes 4
  depth :reading
  needs level: :full
  operation :test_controls
  seen { |visit| { stops: :stops, keeps_heating: :goes_on }[visit.choice(:chain_off)] }
end
Munimen::Faults::Test.define :dial do
  ask "The dial or thermostat stands"
  outcomes usual: "where it usually does", high: "at the top", low: "low, or at vacation"
  minutes 1
end
Munimen::Faults::Test.define :draws do
  ask "How is hot water drawn?"
  outcomes usual: "as usual",
           many_short: "many short draws one after another",
           more: "more at a time than the tank holds"
  minutes 1
end
Munimen::Faults::Test.define :vessel_present do
  ask "Is there a {vessel}, or a bubble?"
  outcomes present: "yes", none: "none to be found"
  minutes 2
  shapes do |heater, outcome|
    if outcome == :none then heater.with(vessel: :none)
    else %i[external bubble].include?(heater.vessel) ? heater : heater.with(vessel: :external)
    end
  end
end
Munimen::Faults::Test.define :vessel_size do
  ask "Volume of the {vessel} on its plate, against what the calculator asks"
  outcomes enough: "enough", small: "too small"
  minutes 3
  implies(&with_vessel)
  seen do |visit|
    size = visit.vessel_size or next
    size.too_small? ? :small : :enough
  end
end
Munimen::Faults::Test.define :regulator_present do
  ask "Is there a pressure regulator behind the meter?"
  outcomes present: "yes", none: "none to be found"
  minutes 2
  on { |heater| !heater.unvented? }
  shapes { |heater, outcome| heater.with(regulator: outcome == :present ? :yes : :no) }
end
Munimen::Faults::Test.define :check_present do
  ask "Is there a check valve or backflow preventer in the cold supply?"
  outcomes present: "yes", none: "none to be found"
  minutes 2
  on { |heater| !heater.unvented? }
  shapes { |heater, outcome| heater.with(backflow: outcome == :present ? :yes : :no) }
end

# frozen_string_literal: true

# Short ways to make heaters, visits and quantities in the tests.
module Build
  GAS = { kind: "gas_storage", capacity: "50", input: "40000", vessel: "external", vessel_volume: "2", regulator: "yes", backflow: "no",
          ignition: "pilot_thermocouple", hood: "open", working_pressure: "150", set_point: "120" }.freeze
  ELECTRIC = { kind: "electric_storage", capacity: "50", element_upper: "4500", element_lower: "4500", element_voltage: "240", vessel: "external",
               vessel_volume: "2", regulator: "yes", backflow: "no", set_point: "120" }.freeze

  def gas(**more) = Munimen::Heater::Installation.from(GAS.merge(more).compact)
  def electric(**more) = Munimen::Heater::Installation.from(ELECTRIC.merge(more).compact)
  def psi(number) = Munimen::Measure::Quantity.of(number, "psi", :pressure)
  def calc(id, units: :us, **inputs) = Munimen::Calculation[id].call(inputs, units:)
  def rules(**house) = Munimen::Rules::InForce.new(:us_irc, firm: house)

  # A Visit from readings {name: "62"} or {name: ["44", {heater_pressure: :zero}]}.
  def visit(heater: gas, readings: {}, seen: {}, house: {}, jobs: [:annual_safety], **more)
    taken = readings.map.with_index do |(name, (value, state)), index|
      Munimen::ReadingInput.read(name, value, units: :us, id: "r#{index}", state: state || {})
    end
    observations = seen.map { |item, finding| Munimen::Visit::Observation.new(id: item.to_s, item:, finding:) }
    Munimen::Visit.new(heater:, rules: rules(**house), jobs:, on: Date.new(2026, 11, 23), readings: taken, observations:, **more)
  end

  def verdict(visit, check) = Munimen::Judgement::Judge.new(visit).verdicts.find { |one| one.check == check }
  def zero = { heater_pressure: :zero }
end

# frozen_string_literal: true

# How often what is only many seeds of the same is tried: once here, many times by
# `bin/bench many`.
TRIES = Integer(ENV.fetch("TRIES", "1"))

# Short ways to make heaters, visits and quantities in the tests.
module Build
  GAS = {
    kind: "gas_storage",
    capacity: "50",
    input: "40000",
    fuel: "natural_gas",
    vessel: "external",
    vessel_volume: "2",
    regulator: "yes",
    backflow: "no",
    ignition: "pilot_thermocouple",
    hood: "open",
    working_pressure: "150",
    set_point: "120"
  }.freeze
  ELECTRIC = {
    kind: "electric_storage",
    capacity: "50",
    element_upper: "4500",
    element_lower: "4500",
    element_voltage: "240",
    vessel: "external",
    vessel_volume: "2",
    regulator: "yes",
    backflow: "no",
    set_point: "120"
  }.freeze

  KINDS = {
    gas_storage:
      GAS.merge(
        capacity: "50 gal",
        input: "40000 Btu/h",
        vessel_volume: "2 gal",
        working_pressure: "150 psi",
        set_point: "120 degF"
      ),
    electric_storage:
      ELECTRIC.merge(
        capacity: "50 gal",
        element_upper: "4500 W",
        element_lower: "4500 W",
        vessel_volume: "2 gal",
        set_point: "120 degF"
      ),
    boiler_coil: {
      kind: "boiler_coil",
      capacity: "40 gal",
      coil_power: "80000 Btu/h",
      vessel: "external",
      vessel_volume: "2 gal",
      coil_control: "two_port"
    },
    unvented_indirect: {
      kind: "unvented_indirect",
      capacity: "210 L",
      coil_power: "20 kW",
      backup_immersion: "yes",
      immersion_power: "3 kW",
      vessel: "external",
      vessel_volume: "18 L",
      regulator_setting: "3 bar",
      expansion_relief: "yes",
      tundish: "yes",
      relief_outlet: "half",
      d2_length: "5 m",
      d2_bends: "3"
    },
    unvented_direct: {
      kind: "unvented_direct",
      capacity: "150 L",
      element_lower: "3 kW",
      element_upper: "3 kW",
      vessel: "bubble",
      expansion_relief: "yes",
      tundish: "yes"
    },
    heat_pump: {
      kind: "heat_pump",
      capacity: "50 gal",
      compressor_power: "1500 W",
      heat_pump_elements: "yes",
      element_upper: "4500 W",
      element_lower: "4500 W",
      vessel: "external",
      vessel_volume: "2 gal",
      regulator: "yes",
      backflow: "no",
      set_point: "120 degF"
    },
    unvented_heat_pump: {
      kind: "unvented_heat_pump",
      capacity: "200 L",
      compressor_power: "1.5 kW",
      heat_pump_elements: "yes",
      element_lower: "1.5 kW",
      vessel: "external",
      vessel_volume: "18 L",
      regulator_setting: "3 bar",
      expansion_relief: "yes",
      tundish: "yes"
    }
  }.freeze

  # A heater of a kind, in the units of a system.
  def heater(kind, units: :us, **more)
    Munimen::Heater::Installation.from(KINDS.fetch(kind).merge(more).compact, units:)
  end

  # A visit under a rulebook with nothing read yet.
  def fresh(kind, book, jobs: [:annual_safety], **more)
    rules = Munimen::Rules::EffectiveRules.new(book)
    Munimen::Visit.new(
      heater: heater(kind, units: rules.units, **more),
      rules:,
      jobs:,
      date: Date.new(2026, 11, 23)
    )
  end

  def gas(**more) = Munimen::Heater::Installation.from(GAS.merge(more).compact)
  def electric(**more) = Munimen::Heater::Installation.from(ELECTRIC.merge(more).compact)
  def psi(number) = Munimen::Measure::Quantity.of(number, "psi", :pressure)
  def calc(id, units: :us, **inputs) = Munimen::Calculations::Calculation[id].call(inputs, units:)
  def rules(**house) = Munimen::Rules::EffectiveRules.new(:us_irc, firm: house)

  # A Visit from readings {name: "62"} or {name: ["44", {heater_pressure: :zero}]}.
  def visit(heater: gas, readings: {}, seen: {}, house: {}, jobs: [:annual_safety], **more)
    taken = readings.map.with_index do |(name, (value, state)), index|
      Munimen::Visit::ReadingInput.read(
        name,
        value,
        units: :us,
        id: "r#{index}",
        state: state || {}
      )
    end
    observations =
      seen.map { |item, finding| Munimen::Visit::Observation.new(id: item.to_s, item:, finding:) }
    Munimen::Visit.new(
      heater:,
      rules: rules(**house),
      jobs:,
      date: Date.new(2026, 11, 23),
      readings: taken,
      observations:,
      **more
    )
  end

  def verdict(visit, check)
    Munimen::Judgement::Judge.new(visit).verdicts.find { |one| one.check == check }
  end

  def zero = { heater_pressure: :zero }
end

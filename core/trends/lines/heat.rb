# frozen_string_literal: true

# Heat, gas and electricity over the years. How far a reading may be out: common practice.
line = ->(id, &block) { Munimen::Trends::Line.define(id, &block) }
number = ->(value) { value && Munimen::Measure::Quantity.new(:number, value) }
between = lambda do |id, kind, least, most|
  low, high = [least, most].map { |si| si && Munimen::Measure::Quantity.new(kind, si) }
  Munimen::Rules::Limit.new(id:, at_least: low, at_most: high)
end
gas = Munimen::Calculations::GasPressures
# What the element of a rating (W) may measure at the heater's voltage.
element = lambda do |visit, rated|
  volts = visit.heater.volts(visit.units)
  between.call(:element, :resistance, *Munimen::Physics::Element.band(rated.si, volts)) if rated
end

line.call :tap_temperature do
  title "At the {tap}"
  part :tap
  kind :temperature
  error 2, "deltaF"
  value { |visit| visit.quantity(:tap_temperature) }
  limit { |visit| visit.rules.limit(:tap_temperature) }
  restarts :fit_cylinder_thermostat, :replace_gas_control
end

{
  element_resistance: ["{Element}, ohms", %i[element_upper element_lower immersion_power]],
  element_resistance_lower: ["Lower {element}, ohms", %i[element_lower]]
}.each do |name, (words, plates)|
  line.call name do
    title words
    part :disconnect
    kind :resistance
    error 0.2, "ohm"
    value { |visit| visit.quantity(name).then { |read| read if read && read.si < 1e6 } }
    limit do |visit|
      element.call(visit, plates.filter_map { |plate| visit.heater.public_send(plate) }.first)
    end
    in_shares
    restarts :replace_elements
  end
end

line.call :generator do
  title "Generator, open circuit"
  part :gas_control
  kind :generator_voltage
  error 1, "mV"
  value { |visit| visit.quantity(:generator_open) }
  limit do |visit|
    band = Munimen::Calculations::PilotGenerator::BANDS.fetch(
      visit.heater.ignition == :pilot_thermopile ? :thermopile : :thermocouple
    )
    between.call(:generator, :generator_voltage, band.begin, nil)
  end
  restarts :replace_thermocouple, :replace_gas_control
end

line.call :gas_drop do
  title "Drop in the gas pipe"
  part :gas_control
  kind :gas_pressure
  error 0.1, "inH2O"
  value do |visit|
    rest, burning = %i[gas_standing gas_operating].map { |name| visit.quantity(name) }
    Munimen::Measure::Quantity.new(:gas_pressure, rest.si - burning.si) if rest && burning
  end
  limit do |visit|
    if Munimen::Measure::System.american?(visit.units)
      between.call(:gas_drop, :gas_pressure, nil, gas::DROP * gas::INCH)
    end
  end
end

line.call :manifold do
  title "Manifold pressure"
  part :gas_control
  kind :gas_pressure
  error 0.1, "inH2O"
  value { |visit| visit.quantity(:gas_manifold) }
  limit do |visit|
    plate = visit.heater.manifold_pressure&.si
    if plate
      between.call(
        :manifold,
        :gas_pressure,
        plate - (gas::MANIFOLD * gas::INCH),
        plate + (gas::MANIFOLD * gas::INCH)
      )
    end
  end
  restarts :replace_gas_control
end

line.call :anode do
  title "Anode left, 0 to 1"
  part :anode
  kind :number
  error 0.1, "1"
  value { |visit| visit.quantity(:anode_remaining) }
  restarts :replace_anode
  left { |visit| number.call(1.0) if visit.done?(:replace_anode) }
  limit { |_| Munimen::Rules::Limit.new(id: :anode_left, at_least: number.call(0.25)) }
end

sediment = Munimen::Work::FlushInterval::MONTHS.keys
# 0 clear, 1 flecks, 2 grit, 3 heavy: what the first flush brought.
line.call :sediment do
  title "Sediment, 0 clear to 3 heavy"
  part :drain_valve
  kind :number
  error 0.5, "1"
  value { |visit| number.call(sediment.index(visit.choice(:flush_result))) }
  follows do |last|
    months = Munimen::Work::FlushInterval::MONTHS.fetch(sediment.fetch(last.si.round))
    msg("Flush again within {months} months.", months:)
  end
end

line.call :coil do
  title "Coil's effectiveness, 0 to 1"
  part :coil
  kind :number
  error 0.03, "1"
  value do |visit|
    flow, back, tank =
      %i[coil_flow_temperature coil_return_temperature coil_tank_temperature].map do |name|
        visit.quantity(name)&.si
      end
    number.call((flow - back) / (flow - tank)) if flow && back && tank && flow > tank + 5
  end
  restarts :clean_coil
end

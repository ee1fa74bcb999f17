# frozen_string_literal: true

# The same watts and volts; a hotter one overloads the circuit (NEC 422.13, from memory).
Munimen::Parts::Kind.define :element do
  title "{element}"
  fitted_by :replace_elements
  on { |heater| heater.electric_sources.any? }
  column :power, :element_power
  column :voltage, :voltage
  column :thread, :text

  must(:power, "the same rating", grade: :danger) do |offered, wanted|
    (offered.si - wanted.si).abs <= wanted.si * 0.01
  end
  must(:voltage, "the same voltage", grade: :danger) do |offered, wanted|
    (offered.si - wanted.si).abs < 1
  end

  wants do |visit|
    heater = visit.heater
    {
      power: heater.element_lower || heater.element_upper || heater.immersion_power,
      voltage:
        heater.element_voltage ||
          Munimen::Measure::Quantity.new(:voltage, visit.heater.volts(visit.units))
    }
  end
end

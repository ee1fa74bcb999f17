# frozen_string_literal: true

# What each takes from its supply in a year.
Munimen::Drawing::Chart.define :heat_pump do
  bars do |r|
    { "heat pump" => :year_heat_pump, "elements" => :year_element, "gas" => :year_gas }
      .map { |name, of| [name, Munimen::Measure::Quantity.new(:energy, r.outputs[of])] }
  end
end

# frozen_string_literal: true

Munimen::Drawing::Chart.define :pilot_generator do
  bars do |result|
    band = Munimen::Calculations::PilotGenerator::BANDS.fetch(result.inputs[:kind].to_sym)
    [
      ["Measured", result.inputs[:open_circuit]],
      ["Loaded", result.inputs[:loaded]],
      ["Good from", Munimen::Measure::Quantity.new(:generator_voltage, band.begin)],
      ["to", Munimen::Measure::Quantity.new(:generator_voltage, band.end)]
    ]
  end
end

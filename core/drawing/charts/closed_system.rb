# frozen_string_literal: true

# Pressure climbing to relief, with and without a vessel.
Munimen::Drawing::Chart.define :closed_system do
  plot do |result|
    without =
      result.inputs[:vessel_volume].si.positive? &&
      result.calculation.call(
        result.inputs.compact.except(:charge).merge(vessel_volume: "0 L"),
        units: result.units
      )
    points = ->(one) { one.outputs[:series].map { |row| row.values_at(:time, :pressure) } }
    series = [{ name: without ? "with this vessel" : "without a vessel", points: points[result] }]
    series << { name: "without a vessel", points: points[without], main: false } if without
    { x: result.outputs[:series].last[:time], y: result.inputs[:relief_setting], series: }
  end
  level("relief") { |r| r.inputs[:relief_setting] }
end

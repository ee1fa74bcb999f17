# frozen_string_literal: true

# Hotter storage gives more mixed water from the same tank.
Munimen::Drawing::Chart.define :mixed_delivery do
  curve x: :stored, y: :mixed_volume, range: ->(r) { [r.inputs[:mixed], fahrenheit(170)] }
  level("the tank") { |r| r.inputs[:volume] }
end

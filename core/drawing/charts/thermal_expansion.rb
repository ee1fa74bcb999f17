# frozen_string_literal: true

Munimen::Drawing::Chart.define :thermal_expansion do
  curve x: :hot, y: :expanded_volume, range: ->(r) { [r.inputs[:cold], fahrenheit(205)] }
end

# frozen_string_literal: true

# Minutes to a burn, on a scale of powers of ten.
Munimen::Drawing::Chart.define :scald_time do
  curve x: :temperature, y: :time, range: ->(_) { [fahrenheit(120), fahrenheit(152)] }
  log_y
end

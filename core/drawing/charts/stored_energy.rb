# frozen_string_literal: true

# The steam that an overheated tank would let go.
Munimen::Drawing::Chart.define :stored_energy do
  curve x: :temperature, y: :steam_volume, range: ->(_) { [celsius(90), celsius(188)] }
end

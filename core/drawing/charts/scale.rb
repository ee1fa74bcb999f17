# frozen_string_literal: true

Munimen::Drawing::Chart.define :scale do
  curve x: :stored, y: :mass_most, range: ->(_) { [celsius(50), celsius(80)] }, name: "at most"
  curve x: :stored, y: :mass_least, range: ->(_) { [celsius(50), celsius(80)] }, name: "at least"
end

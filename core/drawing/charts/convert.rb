# frozen_string_literal: true

# The same amount in every unit of its kind.
Munimen::Drawing::Chart.define :convert do
  list do |result|
    value = result.outputs[:value]
    unit = Munimen::Measure::Unit[value[:unit]]
    Munimen::Measure::Unit
      .of(unit.dimension)
      .map { |other| [other.label, format("%.5g", other.from_si(unit.to_si(value[:value]))), nil] }
  end
end

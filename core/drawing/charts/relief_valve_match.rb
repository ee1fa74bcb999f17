# frozen_string_literal: true

# Which criterion fails.
Munimen::Drawing::Chart.define :relief_valve_match do
  list { |result| result.outputs[:criteria].map { |one| [one[:criterion].to_s.tr("_", " ").capitalize, one[:text], one[:state]] } }
end

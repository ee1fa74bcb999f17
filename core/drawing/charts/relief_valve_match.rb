# frozen_string_literal: true

# Which criterion fails.
Munimen::Drawing::Chart.define :relief_valve_match do
  list do |result|
    result.outputs[:criteria].map do |one|
      [one[:criterion].to_s.tr("_", " ").capitalize, one[:text], one[:state]]
    end
  end
end

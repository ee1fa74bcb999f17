# frozen_string_literal: true

# The chances after the watch, beside those before.
Munimen::Drawing::Chart.define :drip_by_time do
  list do |result|
    result.outputs[:chances].map do |row|
      [row[:cause], "#{row[:before]} % → #{row[:after]} %", nil]
    end
  end
end

# frozen_string_literal: true

Munimen::Drawing::Chart.define :coil do
  bars do |result|
    rated = result.inputs[:rated_power]
    [["Given up now", result[:power]], ["Rated", rated]]
  end
end

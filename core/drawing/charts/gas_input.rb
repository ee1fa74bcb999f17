# frozen_string_literal: true

Munimen::Drawing::Chart.define :gas_input do
  bars { |result| [["Clocked", result[:input]], ["Allowed", result[:allowed_input]]] }
end

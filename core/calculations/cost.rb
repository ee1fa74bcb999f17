# frozen_string_literal: true

module Munimen
  module Calculations
    # What energy costs, in the money of its price.
    module Cost
      JOULES = Measure::Unit["kWh"].to_si(1)

      # joules: J. price: Quantity for each kWh, or nil where none was given: then nil.
      def self.of(joules, price) = price && (joules / JOULES * price.si).round(2)
    end
  end
end

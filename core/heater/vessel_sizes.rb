# frozen_string_literal: true

module Munimen
  module Heater
    # Vessel sizes that are commonly sold; from memory.
    module VesselSizes
      GALLONS = [2, 4.5, 7, 10, 14, 20].freeze
      LITRES = [8, 12, 18, 24, 35, 50, 80].freeze

      module_function

      # Volume in m3 of the next common size at or above `minimum` m3, nil beyond the largest:
      # gallon sizes in the system :us, litre sizes elsewhere.
      def next_above(minimum, system)
        sizes = (
          if Measure::System.american?(system)
            GALLONS.map { |n| n * Measure::Unit::GALLON }
          else
            LITRES.map { |n| n * 1e-3 }
          end
        )
        sizes.find { |size| size >= minimum - 1e-9 }
      end
    end
  end
end

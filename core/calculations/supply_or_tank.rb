# frozen_string_literal: true

module Munimen
  module Calculations
    # The two ways out of a vessel that is too small for its supply: less supply, or more vessel.
    class SupplyOrTank
      include Saying

      # Pa below which a house is not well served; handbook §§4, 25: 40 psi.
      LEAST = Measure::Quantity.of(40, "psi", :pressure).si

      # inputs: Quantities, checked; units: of the sizes that are sold.
      def initialize(inputs, units)
        @given = inputs.transform_values { |one| one.respond_to?(:si) ? one.si : one }
        @units = units
      end

      def outputs
        {
          minimum_volume: minimum,
          next_size: Heater::VesselSizes.next_above(minimum, @units),
          suiting_supply: (suiting if suiting.positive?),
          cheaper:
        }
      end

      # m3 that a vessel charged to the supply must have.
      def minimum
        supply, maximum = @given.values_at(:supply_pressure, :maximum_pressure)
        Physics::Vessel.volume_for(expanded, supply:, maximum:, charge: supply)
      end

      private

      def expanded
        @given[:volume] * Physics::Water.expansion(*@given.values_at(:cold, :hot))
      end

      # Pa; at this supply what is there takes just as much.
      def suiting
        Physics::Vessel.supply_for(expanded, volume: @given[:vessel_volume],
                                             maximum: @given[:maximum_pressure])
      end

      # Turning a regulator costs nothing, where the house still has its pressure.
      def cheaper
        return "The vessel that is there will do." if @given[:vessel_volume] >= minimum
        return "A larger vessel." if suiting < LEAST

        supply = Measure::Quantity.new(:pressure, suiting).format(@units)
        msg("Lower the supply to {supply} or less, and charge the vessel to it: it will do.",
            supply:)
      end
    end
  end
end

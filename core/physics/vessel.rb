# frozen_string_literal: true

module Munimen
  module Physics
    # An expansion vessel: air behind a membrane, by Boyle's law on absolute pressures (ASHRAE
    # Handbook, closed diaphragm tanks). Volumes in m3, pressures in Pa gauge.
    class Vessel
      ATMOSPHERE = 101_325.0

      attr_reader :volume, :charge

      def initialize(volume:, charge:)
        @volume = volume
        @charge = charge
      end

      # One of a volume, or nil where that is nothing.
      def self.recorded(volume, charge) = volume.positive? ? new(volume:, charge:) : nil

      # What may have become of one that is recorded, or nil: {:recorded, :flat, :none => Vessel}.
      def self.cases(vessel)
        return { none: nil } unless vessel

        { recorded: vessel, flat: new(volume: vessel.volume, charge: 0.0), none: nil }
      end

      # Water in the vessel at a pressure: none until the pressure has reached the charge.
      def water(pressure)
        return 0.0 if pressure <= charge

        volume * (1.0 - (absolute(charge) / absolute(pressure)))
      end

      # Pressure once `taken` m3 more have entered than at the supply pressure; infinite when the
      # air would have no room left (the vessel is water-logged).
      def pressure_with(taken, supply)
        air = volume - water(supply) - taken
        return Float::INFINITY if air <= 0

        (absolute(charge) * volume / air) - ATMOSPHERE
      end

      # The volume that takes `taken` m3 between two pressures with this charge.
      def self.volume_for(taken, supply:, maximum:, charge:)
        acceptance = acceptance(supply:, maximum:, charge:)
        acceptance.positive? ? taken / acceptance : Float::INFINITY
      end

      # The supply, and charge, at which a vessel of a volume just takes `taken` m3 up to a maximum;
      # below 0 where it never would.
      def self.supply_for(taken, volume:, maximum:)
        ((maximum + ATMOSPHERE) * (1 - (taken / volume))) - ATMOSPHERE
      end

      # Part of a vessel's volume that can take water between two pressures: P0/P1 − P0/P2.
      def self.acceptance(supply:, maximum:, charge:)
        first = [supply, charge].max + ATMOSPHERE
        (charge + ATMOSPHERE) * ((1.0 / first) - (1.0 / (maximum + ATMOSPHERE)))
      end

      private

      def absolute(pressure) = pressure + ATMOSPHERE
    end
  end
end

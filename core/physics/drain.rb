# frozen_string_literal: true

module Munimen
  module Physics
    # A tank that drains through its drain valve and a hose, in SI units: energy between the level
    # and the hose's end. The head drives the water against the valve, the hose's friction (Darcy,
    # with Haaland's factor) and what leaves at the end.
    #
    #   Drain.new(area:, bore:, hose_length:, hose_bore:, fall:).seconds(from: 1.2, to: 0.0)
    class Drain
      GRAVITY = 9.80665
      VISCOSITY = 0.8e-6    # m2/s, water at about 30 °C
      ROUGHNESS = 1e-5      # m, a rubber hose with its couplings; from memory
      VALVE_LOSS = 6.0      # velocity heads in the bore of a globe-pattern drain valve; from memory
      ENTRY_LOSS = 1.5      # hose couplings and bends; from memory
      SLICES = 60
      G4 = Math::PI / 4

      # area: of the tank, m2. bore: of the drain valve, m. fall: from the outlet down to the
      # hose's end, m.
      def initialize(area:, bore:, hose_length:, hose_bore:, fall:)
        @area = area
        @bore = bore
        @hose_length = hose_length
        @hose_bore = hose_length.positive? ? hose_bore : bore
        @fall = fall
      end

      # Flow in m3/s with the level this high above the outlet.
      def flow(level)
        head = level + @fall
        return 0.0 if head <= 0

        speed = 1.0
        12.times { speed = Math.sqrt(2 * GRAVITY * head / resistance(speed)) }
        speed * G4 * (@hose_bore**2)
      end

      # Seconds for the level to sink; infinite where it stands still first.
      def seconds(from:, to:)
        step = (from - to) / SLICES
        Array.new(SLICES) { |i| @area * step / flow(from - ((i + 0.5) * step)) }.sum
      end

      private

      # All losses as velocity heads of the hose.
      def resistance(speed)
        1.0 + ENTRY_LOSS + (friction(speed) * @hose_length / @hose_bore) +
          (VALVE_LOSS * ((@hose_bore / @bore)**4))
      end

      def friction(speed)
        reynolds = [speed * @hose_bore / VISCOSITY, 1.0].max
        return 64 / reynolds if reynolds < 2300

        (-1.8 * Math.log10((6.9 / reynolds) + ((ROUGHNESS / @hose_bore / 3.7)**1.11)))**-2
      end
    end
  end
end

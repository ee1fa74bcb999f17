# frozen_string_literal: true

module Munimen
  class Rig
    # A relief valve: lifts at its pressure, or at its temperature where it has one; shuts again a
    # little below. Grit or a worn seat lets it drip; a stuck one does nothing. Pressures in Pa
    # gauge, temperatures in K.
    class ReliefValve
      RESEAT = 0.95 # of its setting; from memory
      FLOW = 6e-7   # m3/s for each Pa above nothing, lifted fully, per square root: see `flow`

      attr_reader :pressure, :temperature, :lifted
      # spilt: kg that have come out of it.
      attr_accessor :stuck, :leak, :lever, :spilt

      def initialize(pressure, temperature = nil)
        @pressure = pressure
        @temperature = temperature
        @lifted = @stuck = @lever = false
        @leak = 0.0 # m3/s at its setting
        @spilt = 0.0
      end

      # Opens or shuts by what it feels.
      def feel(pressure, temperature)
        return @lifted = false if stuck

        hot = @temperature && temperature >= (@lifted ? @temperature - 8 : @temperature)
        @lifted = pressure >= (@lifted ? @pressure * RESEAT : @pressure) || hot || false
      end

      # Whether only pressure holds it open, so that it gives way just so much.
      def by_pressure?(temperature)
        lifted && !lever && (@temperature.nil? || temperature < @temperature - 8)
      end

      # m3/s that leaves at a pressure when it stands open.
      def flow(pressure) = FLOW * Math.sqrt([pressure, 0].max)
      def dripping(pressure) = @leak * [pressure, 0].max / @pressure
    end
  end
end

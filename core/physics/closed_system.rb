# frozen_string_literal: true

module Munimen
  module Physics
    # Water that is heated with nowhere to go but into the give of tank and pipes, its own
    # squeeze, and a vessel if there is one. SI; pressures in Pa gauge, compliance in m3/Pa.
    class ClosedSystem
      # Give of tank, pipes and water for each m3 of tank, m3/Pa. Set so that a 50 gal, 40 000
      # Btu/h gas heater starting luke-warm (95 °F) climbs 10–15 psi/min without a vessel: common
      # practice.
      GIVE = 2.9e-9

      Point = Struct.new(:time, :temperature, :pressure, :expanded)

      def self.default_compliance(volume) = volume * GIVE

      def initialize(volume:, supply:, compliance: nil, vessel: nil)
        @volume = volume
        @supply = supply
        @compliance = compliance || self.class.default_compliance(volume)
        @vessel = vessel
      end

      # Pressure once `expanded` m3 of extra water must be held.
      def pressure(expanded)
        return @supply if expanded <= 0
        return @supply + (expanded / @compliance) unless @vessel

        # Below the charge only the give takes water; above it both do.
        room = [@vessel.charge - @supply, 0.0].max * @compliance
        return @supply + (expanded / @compliance) if expanded <= room

        both([@supply, @vessel.charge].max, expanded - room)
      end

      # Course of temperature (K), pressure and expansion while `power` W go into the water, a
      # point every `step` s until it is hot, or the block holds of a Point. Pressure is not held by
      # any relief valve here.
      def course(power:, cold:, hot:, step: 30.0)
        mass = @volume * Water.density(cold)
        cold_density = Water.density(cold)
        points = [Point.new(0.0, cold, @supply, 0.0)]
        while points.last.temperature < hot && !(block_given? && yield(points.last))
          previous = points.last
          rise = power * step / (mass * Water.specific_heat(previous.temperature))
          part = [(hot - previous.temperature) / rise, 1.0].min
          temperature = previous.temperature + (rise * part)
          expanded = @volume * ((cold_density / Water.density(temperature)) - 1.0)
          points << Point.new(
            previous.time + (step * part),
            temperature,
            pressure(expanded),
            expanded
          )
          break if points.size > 20_000
        end
        points
      end

      private

      # C·(P−P1) + K·(1/P1 − 1/P) = expanded, a quadratic in P (absolute).
      def both(from, expanded)
        start = from + Vessel::ATMOSPHERE
        k = @vessel.volume * (@vessel.charge + Vessel::ATMOSPHERE)
        b = (k / start) - (@compliance * start) - expanded
        ((-b + Math.sqrt((b * b) + (4 * @compliance * k))) / (2 * @compliance)) - Vessel::ATMOSPHERE
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  class Visit
    # Whether the vessel on record is large enough for its tank when it is charged as it should be,
    # to the supply pressure: no reading is needed for that. Where the supply has not been read, the
    # least that is usual is taken, at which a vessel takes most: what is too small then is too
    # small at any.
    #
    # Handbook §7; Boyle's law as in the calculations `vessel_performance` and `expansion_vessel`.
    class VesselVolume
      # Usual least supply: 40 psi (US), 1.5 bar (England); common practice.
      LEAST = { us: 275_790.0, england: 150_000.0 }.freeze

      # nil where there is nothing to work out: no vessel on record, its volume not known, an open
      # system, a supply above the limit for the hot peak.
      def self.of(visit)
        heater = visit.heater
        return unless heater.vessel == :external && heater.vessel_volume
        return if heater.closed_system == :no

        new(visit).then { |one| one if one.supply < one.maximum }
      end

      def initialize(visit)
        @visit = visit
        @heater = visit.heater
      end

      # Pa: of the supply, the most that the hot tank may reach, and what it reaches.
      def supply = target&.si || LEAST.fetch(@visit.units)
      def maximum = @visit.rules.limit(:hot_peak).at_most.si

      def reached
        Physics::Vessel.new(volume: @heater.vessel_volume.si, charge: supply)
          .pressure_with(expanded, supply)
      end

      # Whether the supply was read, or is that of the reducing valve.
      def supply_known? = !target.nil?
      def enough? = reached <= maximum

      # Whether it brings the tank to where its relief valve opens, or as near as counts for that.
      def lifts?
        margin = @visit.rules.limit(:relief_margin).at_least.si
        reached > @heater.first_relief_pressure.si - margin
      end

      # m3: the least volume that is enough, and the next size that is sold (nil: none).
      def minimum = Physics::Vessel.volume_for(expanded, supply:, maximum:, charge: supply)
      def next_size = Heater::VesselSizes.next_above(minimum, @visit.units)

      private

      def target = @visit.charge_target

      def expanded
        cold = @visit.quantity(:cold_temperature) || Work::Durations::COLD
        share = Physics::Water.expansion(cold.si, @heater.usual_set_point.si)
        @heater.capacity.si * share
      end
    end
  end
end

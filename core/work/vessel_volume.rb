# frozen_string_literal: true

module Munimen
  module Work
    # Whether a heater's vessel is large enough for its tank when it is charged as it should be, to
    # the supply pressure: no reading is needed for that. Where the supply has not been read, the
    # least that is usual is taken, at which a vessel takes most: what is too small then is too
    # small at any.
    #
    # Handbook §7; Boyle's law as in the calculations `vessel_performance` and `expansion_vessel`.
    class VesselVolume
      # Usual least supply, Pa: 40 psi (US), 1.5 bar (England); common practice.
      LEAST = { us: 275_790.0, england: 150_000.0 }.freeze

      # nil where there is nothing to work out: no vessel on record, its volume not known, an open
      # system, a supply above the limit for the hot peak. supply: Quantity or nil, as it was read.
      # cold: Quantity.
      def self.of(heater, rules:, supply: nil, cold: Durations::COLD)
        return unless heater.vessel == :external && heater.vessel_volume
        return if heater.closed_system == :no

        new(heater, rules, supply, cold).then { |one| one if one.supply < one.maximum }
      end

      def initialize(heater, rules, supply, cold)
        @heater = heater
        @rules = rules
        @supply = supply
        @cold = cold
      end

      # Whether it is about the same vessel, rules and supply.
      def ==(other) = other.is_a?(VesselVolume) && given == other.given

      # Pa: of the supply, the most that the hot tank may reach, and what it reaches.
      def supply = @supply&.si || Measure::System.pick(LEAST, @rules.units)
      def maximum = @rules.limit(:hot_peak).at_most.si

      def reached
        Physics::Vessel.new(volume: @heater.vessel_volume.si, charge: supply)
          .pressure_with(expanded, supply)
      end

      # Whether the supply was read, or is that of the reducing valve.
      def supply_known? = !@supply.nil?

      # Whether it brings the tank to where its relief valve opens, or as near as counts for that,
      # when the whole of it is heated from cold. Between that and the limit for the hot peak the
      # peak that is measured decides.
      def too_small? = reached > relief_near

      # m3: the least volume that is not too small; nil where the supply alone comes as near.
      def for_relief = (least(relief_near) if supply < relief_near)

      # m3: the least volume that is enough, and the next size that is sold (nil: none).
      def minimum = least(maximum)
      def next_size = Heater::VesselSizes.next_above(minimum, @rules.units)

      private

      # Pa: where the relief valve opens, or as near as counts for that.
      def relief_near
        @heater.first_relief_pressure.si - @rules.limit(:relief_margin).at_least.si
      end

      def least(maximum) = Physics::Vessel.volume_for(expanded, supply:, maximum:, charge: supply)

      def expanded
        @heater.capacity.si * Physics::Water.expansion(@cold.si, @heater.usual_set_point.si)
      end

      protected

      def given = [@heater, @rules, @supply, @cold]
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Calculations
    # What the watch says of a dripping relief valve, in words and chances.
    class DripSeen
      include Saying

      CAUSES = {
        expansion: "water that grows with nothing to take it up",
        seat: "the valve's own seat",
        supply: "a supply that is too high, as at night",
        over_temperature: "water that is too hot"
      }.freeze
      SURE = 60 # percent from which one is called likely
      HOT = "Too hot until it is proved otherwise: measure at a hot outlet before anything else."
      OPEN = "The watch does not tell them apart: measure the static and the hot peak."

      # inputs: as the calculation `drip_by_time` declares them.
      def initialize(inputs)
        @inputs = inputs
        @drip = Physics::Drip.new(
          volume: si(:volume), power: si(:power) * si(:efficiency), cold: si(:cold), hot: si(:hot),
          supply: si(:supply_pressure), relief: si(:relief_setting),
          opens_at: si(:relief_temperature), vessel:, first:, drops: si(:drops), warm:
        )
      end

      def outputs
        opens = @drip.opens
        chances = rows
        {
          words: words(chances.first), chances:,
          opens_recorded: opens[:recorded], opens_without: opens[:none],
          opens_too_hot: @drip.too_hot, growing: @drip.growing.round
        }
      end

      private

      def si(name) = @inputs[name]&.si

      # When the first drop came, as Physics::Drip takes it.
      def first
        case @inputs[:begins]
        when "before" then :before
        when "heating"
          si(:first_drop) || raise(Error.new("first_drop is missing: the time from the start of " \
                                             "heating, or say that it drips before, or never.",
                                             field: :first_drop, code: :missing))
        end
      end

      def warm = { "warm" => true, "cold" => false }[@inputs[:warm]]

      def vessel
        Physics::Vessel.recorded(si(:vessel_volume), si(:charge) || si(:supply_pressure))
      end

      def rows
        before = @drip.before
        @drip.chances.sort_by { |_, share| -share }.map do |cause, share|
          { cause: CAUSES.fetch(cause), before: percent(before[cause]), after: percent(share) }
        end
      end

      def percent(share) = (share * 100).round

      # A warm drip is over-temperature until it is proved otherwise, however unlikely that is.
      def words(likeliest)
        return HOT if warm
        return OPEN if likeliest[:after] < SURE

        msg("Likeliest: {cause}, {after} %. It is proved by measuring.",
            cause: likeliest[:cause], after: likeliest[:after])
      end
    end
  end
end

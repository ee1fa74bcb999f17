# frozen_string_literal: true

module Munimen
  module Work
    # What the house rules change in draining: the way in for air, and whether the knob may stay
    # at PILOT; and what an electric tank wants first.
    module DrainPolicy
      HEAT = ->(rules) { rules.choice(:drain_at_pilot) == :pilot ? { heat: %i[pilot off] } : {} }

      # An uncovered element is destroyed in seconds, and a locked breaker that nobody tested may be
      # another circuit's: every feed is proved dead first. {variable => value}
      DEAD = ->(heater) { heater.electric_sources.any? ? { feed: :proved_dead } : {} }

      module_function

      # Whether the air goes in through the relief valve: where the house rule says so, the lever
      # may be lifted at all, and the valve is not replaced on the same visit. Else a tap gives it.
      def by_lever?(visit)
        visit.rules.choice(:drain_air) == :relief_valve && ReliefPolicy.refusal(visit).nil? &&
          !visit.asked?(:replace_relief_valve) && !barred?(visit.state)
      end

      def barred?(state)
        Hazards::Hazard.all.any? do |hazard|
          hazard.bars.include?(:open_relief_for_air) && state.fetch(hazard.variable, :none) != :none
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Work
    # What the house rules change in draining: the way in for air, and whether the knob may stay
    # at PILOT.
    module DrainPolicy
      NEEDS = lambda do |rules|
        {
          **(rules.choice(:drain_air) == :relief_valve ? { air_path: :relief } : {}),
          **HEAT[rules]
        }
      end
      HEAT = ->(rules) { rules.choice(:drain_at_pilot) == :pilot ? { heat: %i[pilot off] } : {} }
    end
  end
end

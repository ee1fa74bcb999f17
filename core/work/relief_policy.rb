# frozen_string_literal: true

module Munimen
  module Work
    # May the relief valve be exercised on this visit? House rule, history, consent and what was
    # seen.
    module ReliefPolicy
      # s that the lever is held, by house rule; 0: until it runs clear.
      HELD = { one_second: 1, five_seconds: 5, until_clear: 0 }.freeze

      module_function

      # What a screen that leads through it has to know.
      def held(visit) = { seconds: HELD.fetch(visit.rules.choice(:lever_hold)) }

      # Whether it is lifted while the tank is flushed: as the house rule says, where it is flushed.
      def with_flush?(visit)
        visit.rules.choice(:relief_when) == :with_flush && visit.asked?(:flush_bursts)
      end

      # Of the expansion relief: a group that this visit fits is new, its history is known.
      def refusal_of_expansion(visit)
        if %i[replace_inlet_group replace_expansion_relief].any? { |id| visit.asked?(id) }
          "The customer refused." if visit.decision(:consent) == "refused"
        elsif visit.heater.expansion_relief == :no
          "There is none to exercise."
        else
          refusal(visit)
        end
      end

      # Text why not, or nil when it may.
      def refusal(visit)
        rule = visit.rules.choice(:relief_exercise)
        if rule == :look_only
          return "The house rule says “look only”: the valve is not " \
                 "operated."
        end
        return "The customer refused." if visit.decision(:consent) == "refused"
        if visit.discharge_unsafe?
          return "The discharge pipe is not safe to discharge into; put that right first."
        end

        known = rule == :known_history || visit.rules.choice(:relief_interval) == :known_sound
        return unless known && visit.heater.relief_history != :exercised_yearly
        return if visit.decision(:spare_at_hand) == "yes"

        "The house rule exercises only valves with a known history; this one's is not known, and " \
          "no spare is at hand."
      end
    end
  end
end

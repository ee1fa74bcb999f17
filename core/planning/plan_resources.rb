# frozen_string_literal: true

module Munimen
  module Planning
    # What a plan costs besides time: water to waste, tools and materials, and when hot water is
    # back.
    #
    #   PlanResources.new(plan, visit).hot_again # => 5400, seconds from now, or nil
    class PlanResources
      AIR_PURGE = 0.02 # m3 let run until it is free of air; from memory

      def initialize(plan, visit)
        @plan = plan
        @visit = visit
        @space = Work::StateSpace.new(visit.heater)
      end

      # Quantity of water that runs to waste.
      def water
        total = @plan.steps.sum do |step|
          step.operation.water_wasted.call(@visit.heater) +
            (step.operation.id == :purge_air ? AIR_PURGE : 0)
        end
        Measure::Quantity.new(:volume, total)
      end

      # A tool that another names more closely is that one.
      def tools
        all = gather(&:equipment)
        all.reject { |one| all.any? { |other| other != one && other.start_with?(one) } }
      end

      def materials = gather(&:materials)

      # Seconds from now until hot water runs again for good; nil when it never stops.
      def hot_again
        state = @visit.state.dup
        away = !hot?(state)
        back = away ? nil : 0
        each_change do |time, changes|
          changes.each { |name, values| state[name] = values.first }
          if hot?(state) then back ||= time
          else
            away = true
            back = nil
          end
        end
        away ? back || heating_up(state) : nil
      end

      private

      def gather(&list) = @plan.steps.flat_map { |step| list.call(step.operation) }.uniq

      def hot?(state)
        state[:temperature] == :hot && state[:heater_supply] == :open && state[:level] == :full &&
          state[:heater_pressure] != :zero
      end

      # What the steps and the ends of their waits change, in order of time.
      def each_change(&block)
        changes = @plan.steps.flat_map do |step|
          wait = step.operation.wait
          [
            [step.start + step.hands_on, step.operation.makes],
            ([step.wait.finish, wait.makes] if wait)
          ].compact
        end
        changes.sort_by(&:first).each { |time, makes| block.call(time, @space.expand(makes)) }
      end

      # Left to heat up by itself after the last step: from when the heat is back.
      def heating_up(state)
        unless state[:temperature] == :cold &&
               state.any? { |name, value| name.start_with?("heat.") && value == :on }
          return
        end

        on = @plan.steps.reverse.find { |step| Work::Interlocks.gives_heat?(step.operation) } or
          return
        on.finish + Work::Durations.heat_up(@visit.heater)
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Planning
    # Goals in the stages of a working day, for sets that are too large to be searched as a whole:
    # what is read live, what needs zero pressure, flushing, what needs a drained tank,
    # recommissioning, leaving.
    class Stages
      # space: Work::StateSpace. rules: in force.
      def initialize(space, rules)
        @space = space
        @rules = rules
      end

      # [[ids], …], without empty stages.
      def of(goals) = goals.group_by { |id| stage(Work::Operation[id]) }.sort.map(&:last)

      private

      def stage(operation)
        return 6 if operation.last?
        return 5 if operation.recommissions?
        if operation.rescheduled(@rules)
          return { with_work: 1, after_work: 5 }.fetch(operation.rescheduled(@rules))
        end

        needs = @space.expand(operation.needs_under(@rules))
        heat = needs.select { |name, _| name.start_with?("heat.") }.values
        cold = heat.any? && heat.none? { |values| values.include?(:on) }
        return needs[:heater_pressure] == [:zero] ? 1 : 0 unless cold || needs.key?(:"feed.heater")
        return 1 unless needs.key?(:level)

        needs[:drain] == [:open] ? 2 : 3
      end
    end
  end
end

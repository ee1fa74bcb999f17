# frozen_string_literal: true

module Munimen
  module Planning
    # A heating that somebody would stand by for long: an electric tank that was drained takes
    # hours. It is begun as early as it can be; or the pressure that it was to show is read on a
    # return visit. Which of the two is a decision of the visit (`long_heat`).
    module LongHeat
      LONG = 5400.0 # s that nobody likes to wait for; our own choice
      # What is read only at the end of it.
      READ_THEN = :read_hot_peak_after

      module_function

      # {seconds:, decision:} where a plan has such a heating, or it was put off; nil otherwise.
      def of(plan, visit)
        decision = visit.decision(:long_heat)
        return { seconds: Work::Durations.heat_up(visit.heater), decision: } if decision == "return"

        waits = plan.steps.map(&:wait).compact
        longest = waits.select { |wait| wait.manner == :on_site }.map(&:seconds).max || 0
        reads = plan.steps.any? { |step| step.operation.id == READ_THEN }
        { seconds: longest, decision: } if reads && longest >= LONG
      end

      # Text why an operation is not done on this visit, or nil.
      def put_off(operation, visit)
        return unless operation.id == READ_THEN && visit.decision(:long_heat) == "return"

        "Put off to a return visit: the heating takes too long to stand by."
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Planning
    # What a visit still has to do: the goals that are open, those that policy or consent forbids,
    # those that need not be done any more, and which operations may be used on the way.
    #
    #   Agenda.new(visit, %i[annual_safety]).goals # => [:identify, :look_over, …]
    class Agenda
      attr_reader :visit, :goals, :impossible, :superfluous

      # visit: a Visit. jobs: ids of its jobs; operations asked for besides are taken in.
      def initialize(visit, jobs)
        @visit = visit
        asked = jobs.flat_map { |job| Work::Job[job].operations_for(visit.heater) }
        open = (asked + visit.extra_operations).uniq - visit.settled_operations
        @impossible = left_out(open, :forbidden_because)
        @superfluous = left_out(open - ids(@impossible), :superfluous_because)
        @goals = open - ids(@impossible) - ids(@superfluous)
      end

      # [Plan::Left] of all that is not planned.
      def left = impossible + superfluous

      # Operations that this visit leaves to be used unasked; they stay the same while it is
      # planned.
      def usable = @usable ||= Work::Operation.all.select { |operation| usable?(operation) }

      private

      def ids(left) = left.map(&:operation)

      def left_out(ids, question)
        ids.filter_map do |id|
          because = Work::Operation[id].public_send(question, visit)
          Plan::Left.new(operation: id, because:) if because
        end
      end

      def usable?(operation)
        return false if operation.pure? || operation.last? || !operation.helper?
        return false unless operation.applies?(visit.heater)

        !read_already?(operation) && operation.forbidden_because(visit).nil?
      end

      # What has been read once is not read again on the way to something else.
      def read_already?(operation)
        operation.reads.any? { |read| !read.optional } && !operation.repeatable? &&
          visit.settled_operations.include?(operation.id)
      end
    end
  end
end

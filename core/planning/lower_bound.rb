# frozen_string_literal: true

module Munimen
  module Planning
    # What must be done from a point of the search on, in whatever order: the goals; for each need
    # not met the only operation that can make it true; and, since the last goal comes after all
    # of them, what makes good what they break of its needs. Where several could do it, one of
    # them: a choice.
    class LowerBound
      # operations: [PlanningProblem::Op]; choices: [[Op, …]], of each of which one is needed.
      attr_reader :operations, :choices

      # node: its state (bits), goals (mask) and running waits.
      def initialize(problem, node)
        @problem = problem
        @made = node.running.reduce(node.state) { |bits, wait| bits | wait.set }
        asked = problem.asked(node.goals)
        @operations = asked.operations.dup
        @listed = asked.listed
        @choices = []
        @chosen = 0
        @needs = asked.needs.dup
        @broken = asked.broken
        @mended = asked.final
      end

      # Finds them all; self, or nil when a need can never be met.
      def all
        loop do
          while (mask = @needs.shift)
            return nil unless @made.anybits?(mask) || maker?(mask)
          end
          again = @mended.select { |needed| @broken.anybits?(needed) }
          return self if again.empty?
          return nil unless again.all? { |needed| maker?(needed) }

          @mended -= again
        end
      end

      # Seconds at least, waits left out.
      def seconds = @operations.sum(&:seconds) + quickest
      def quickest = @quickest ||= @choices.sum { |makers| makers.map(&:seconds).min }

      # Needs of an operation that do not hold, and that nothing found makes true.
      def open_needs(operation)
        operation.needs.reject do |mask|
          @made.anybits?(mask) || (@problem.makers_mask(mask) & @listed).anybits?(~@chosen)
        end
      end

      private

      # Takes in what makes a need true; false when nothing can.
      def maker?(mask)
        either = @problem.makers_mask(mask)
        return false if either.zero?
        return true if @listed.anybits?(either)

        @listed |= either
        makers = @problem.achievers(mask)
        makers.size == 1 ? take(makers.first, mask) : choose(makers, mask, either)
        true
      end

      def take(op, mask)
        @operations << op
        @needs.concat(op.needs)
        @broken |= op.breaks(mask)
      end

      def choose(makers, mask, either)
        @choices << makers
        @chosen |= either
        needs, broken = @problem.common(mask)
        @needs.concat(needs)
        @broken |= broken
      end
    end
  end
end

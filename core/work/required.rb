# frozen_string_literal: true

module Munimen
  module Work
    # What must be done from a point of the search on, in whatever order: the goals; for each need not met the
    # only operation that can make it true; and, since the last goal comes after all of them, what makes good
    # what they break of its needs. Where several could do it, one of them: a choice.
    class Required
      # operations: [Compiled::Op]; choices: [[Op, …]], of each of which one is needed.
      attr_reader :operations, :choices

      # node: its state (bits), goals (mask) and running waits.
      def initialize(compiled, node)
        @compiled = compiled
        @made = node.running.reduce(node.state) { |bits, wait| bits | wait.set }
        @operations = compiled.ops.select { |op| op.goal.anybits?(node.goals) }
        @listed = compiled.mask_of(@operations)
        @choices = []
        @needs = @operations.flat_map(&:needs)
        @broken = 0
        @mended = @final = @operations.select { |op| op.operation.last? }.flat_map(&:needs)
        @operations.each { |op| breaks(op) }
      end

      # Finds them all; self, or nil when a need can never be met.
      def all
        loop do
          while (mask = @needs.shift)
            return nil unless @made.anybits?(mask) || maker?(mask)
          end
          again, @mended = @mended.partition { |needed| @broken.anybits?(needed) }
          return self if again.empty?

          return nil unless again.all? { |needed| maker?(needed) }
        end
      end

      # Seconds at least, waits left out.
      def seconds = @operations.sum(&:seconds) + quickest
      def quickest = @choices.sum { |makers| makers.map(&:seconds).min }

      # Needs of an operation that do not hold, and that nothing found makes true.
      def open_needs(operation)
        operation.needs.reject { |mask| @made.anybits?(mask) || @compiled.achievers(mask).any? { |op| @listed[op.index] == 1 && !choice?(op) } }
      end

      private

      def choice?(operation) = @choices.any? { |makers| makers.include?(operation) }

      # Takes in what makes a need true; false when nothing can.
      def maker?(mask)
        makers = @compiled.achievers(mask)
        return false if makers.empty?

        either = @compiled.makers_mask(mask)
        return true if @listed.anybits?(either)

        @listed |= either
        makers.size == 1 ? take(makers.first, mask) : choose(makers, mask)
        true
      end

      def take(op, mask)
        @operations << op
        @needs.concat(op.needs)
        breaks(op, mask)
      end

      def choose(makers, mask)
        @choices << makers
        @needs.concat(makers.map(&:needs).reduce(:&))
        @broken |= makers.map { |op| op.breaks(mask) }.reduce(:&)
      end

      def breaks(op, mask = 0) = @broken |= op.breaks(mask)
    end
  end
end

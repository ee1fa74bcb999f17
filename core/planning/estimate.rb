# frozen_string_literal: true

module Munimen
  module Planning
    # What is left of an order takes at least so many seconds: the hands-on time of everything that
    # must still be done (LowerBound), and the part of each wait that nothing left could fill. Kept
    # by what is met, the goals and the waits under way.
    class Estimate
      NONE = [].freeze
      # What must still be done takes `seconds`, waits included; of a running wait, by its index,
      # so many seconds could be filled.
      Rest = Struct.new(:seconds, :fills)

      def initialize(problem)
        @problem = problem
        @ops = problem.ops
        @shift = problem.goal_mask.bit_length
        @met_at_start = problem.met_at_start
        @bound = LowerBound.new(problem)
        @estimates = Hash.new { |all, waits| all[waits] = {} }
        @useful = {}
        @sums = {}
      end

      # Least seconds still needed, or nil when something can never be made true.
      def of(node)
        running = node.running
        known = @estimates[running.empty? ? NONE : running.map(&:index)]
        name = (node.met << @shift) | node.goals
        rest = known.fetch(name) { known[name] = rest(node) } or return
        return rest.seconds if running.empty?

        rest.seconds + running.sum { |wait| [wait.seconds - rest.fills.fetch(wait.index), 0].max }
      end

      # A wait that makes nothing anybody still needs is not waited for.
      def useful?(op, goals)
        @useful.fetch((goals << 10) | op.index) do |name|
          @useful[name] = @ops.any? do |other|
            other.index != op.index && (other.goal.zero? || goals.anybits?(other.goal)) &&
              other.asks.anybits?(op.wait.made)
          end
        end
      end

      private

      def rest(node)
        met = node.running.reduce(node.met) { |bits, wait| bits | wait.made }
        bound = @bound.of(met, node.goals) or return
        taken = bound.taken
        seconds = bound.seconds
        each_of(taken & @problem.waiting) { |op| seconds += idle(op, node.goals) }
        seconds += bound.waits.map { |need| least_idle(need, node.goals) }.max if bound.waits.any?
        fills = node.running.to_h do |wait|
          [wait.index, fillable(taken, wait) + bound.quickest]
        end
        Rest.new(seconds, fills)
      end

      # Yields each operation of a mask.
      def each_of(mask)
        while mask != 0
          bit = mask & -mask
          mask ^= bit
          yield @ops[bit.bit_length - 1]
        end
      end

      # Seconds of the wait of an operation that has one which nothing left could fill.
      def idle(operation, goals)
        return 0 unless operation.wait && useful?(operation, goals)

        [operation.wait.seconds - fillable(@bound.taken, operation.wait) - @bound.quickest, 0].max
      end

      # Idle seconds that come with a choice, whichever is taken: the own wait's, or that of what
      # is needed first.
      def least_idle(need, goals)
        need.makers.map do |op|
          most = idle(op, goals)
          @bound.open_waits(op).each do |first|
            most = [most, first.makers.map { |maker| idle(maker, goals) }.min].max
          end
          most
        end.min
      end

      # Hands-on seconds of what is required and could go on during a wait.
      def fillable(required, wait)
        mask = required & ~barred(wait)
        @sums[mask] ||= begin
          seconds = 0
          each_of(mask) { |op| seconds += op.seconds }
          seconds
        end
      end

      # Operations, as a mask of their indices, that cannot go on during a wait: itself, those it
      # shuts out, those that must go before it and those that can only follow.
      def barred(wait)
        @barred ||= {}
        @barred[wait.index] ||= begin
          own = @ops[wait.index]
          @ops.reduce(own ? closure(own) | own.bit : 0) do |mask, op|
            out = op.excluded_by?(wait) || (own && closure(op)[own.index] == 1)
            out ? mask | op.bit : mask
          end
        end
      end

      # Mask of the operations that must go before one, as far as each need has a single maker.
      def closure(op)
        @closures ||= {}
        @closures[op.index] ||= begin
          found = 0
          queue = [op]
          while (current = queue.shift)
            each_of(directly_before(current) & ~found) do |one|
              found |= one.bit
              queue << one
            end
          end
          found
        end
      end

      # What makes the needs of an operation that only one makes, and the goals that go first.
      def directly_before(op)
        @before ||= {}
        @before[op.index] ||= begin
          alone = op.asks & @problem.sole & ~@met_at_start
          mask = 0
          @problem.needs.each do |need|
            mask |= need.makers_mask if alone.anybits?(need.bit)
          end
          @ops.each { |one| mask |= one.bit if one.goal.anybits?(op.after) }
          mask
        end
      end
    end
  end
end

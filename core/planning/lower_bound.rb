# frozen_string_literal: true

module Munimen
  module Planning
    # What must be done from a point of the search on, in whatever order: the goals; for each need
    # not met the only operation that can make it true; and, since the last goal comes after all
    # of them, what makes good what they break of its needs. Where several could do it, the
    # quickest of them is counted: a choice. One object serves a whole search.
    class LowerBound
      # taken: operations, as a mask of their indices, that must be done; listed: those and all
      # that are to be chosen from; chosen: only those to be chosen from. seconds: hands-on, at
      # least, waits left out; quickest: those of the choices among them.
      attr_reader :taken, :listed, :chosen, :quickest

      def initialize(problem)
        @problem = problem
        @needs = problem.needs
        @unmakeable = problem.unmakeable
        @sole = problem.sole
      end

      # Finds it for what is met (needs, as a mask), or will be without more, and the goals left;
      # self, or nil when a need can never be met.
      def of(met, goals)
        begin_with(met, @problem.asked(goals))
        loop do
          while @open != 0
            return nil if @open.anybits?(@unmakeable)

            sole = @open & @sole
            sole.zero? ? choose(@open & -@open) : take(sole & -sole)
          end
          again = @mended & @broken
          return self if again.zero?

          @mended &= ~again
          ask(again)
        end
      end

      # Seconds at least, waits left out.
      def seconds = @seconds + @quickest
      # Choices of which each brings a wait: [Need].
      def waits = @waits || []

      # Needs of an operation that bring a wait, do not hold, and that nothing taken makes true.
      def open_waits(operation)
        rest = operation.asks & @problem.waits & ~@met
        found = []
        while rest != 0
          bit = rest & -rest
          rest ^= bit
          need = @needs[bit.bit_length - 1]
          found << need if (need.makers_mask & @listed).nobits?(~@chosen)
        end
        found
      end

      private

      def begin_with(met, asked)
        @met = met
        @taken = @listed = asked.listed
        @seconds = asked.seconds
        @chosen = @quickest = 0
        @waits = nil
        @broken = asked.broken
        @mended = asked.final
        @open = @seen = asked.needs & ~met
      end

      def ask(needs)
        fresh = needs & ~@seen
        @seen |= fresh
        @open |= fresh
      end

      def take(bit)
        @open ^= bit
        need = @needs[bit.bit_length - 1]
        return if @listed.anybits?(need.makers_mask)

        op = need.makers.first
        @listed |= need.makers_mask
        @taken |= need.makers_mask
        @seconds += op.seconds
        ask(op.asks & ~@met)
        @broken |= op.breaks(need)
      end

      def choose(bit)
        @open ^= bit
        need = @needs[bit.bit_length - 1]
        return if @listed.anybits?(need.makers_mask)

        @listed |= need.makers_mask
        @chosen |= need.makers_mask
        @quickest += need.seconds
        (@waits ||= []) << need if need.waits
        ask(need.asks & ~@met)
        @broken |= need.broken
      end
    end
  end
end

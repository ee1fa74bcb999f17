# frozen_string_literal: true

module Munimen
  module Bench
    # How long something takes, in ms, and what of many.
    module Timing
      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      def timed = clock.then { |start| [yield, (clock - start) * 1000].last }
      def percentile(list, share) = list.sort[[(list.size * share).ceil - 1, 0].max]

      def median(count, &block)
        3.times { block.call }
        percentile(Array.new(count) { timed(&block) }, 0.5)
      end
    end
  end
end

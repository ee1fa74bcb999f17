# frozen_string_literal: true

module Munimen
  class PressureLog
    # A log in equal stretches: the median pressure of each, so that a single wrong row or a spike
    # does not count.
    class Blocks
      # times: s, of each block's middle; values: Pa; breaks: indices of blocks before which rows
      # are missing.
      attr_reader :times, :values, :breaks, :seconds

      def initialize(log, seconds)
        @seconds = seconds
        @times = []
        @values = []
        @breaks = {}
        fill(log.times, log.values, log.interval * GAP)
      end

      # Yields ranges of indices between the gaps.
      def stretches
        ([0] + breaks.keys)
          .push(times.size)
          .each_cons(2)
          .filter_map { |first, after| (first..(after - 1)) if after > first }
      end

      private

      def fill(times, values, gap)
        first = 0
        ends = times[0] + seconds
        index = 1
        while index < times.size
          missing = times[index] - times[index - 1] > gap
          if missing || times[index] >= ends - 1e-6
            close(times, values, first, index)
            breaks[@times.size] = true if missing
            first = index
            ends = times[index] + seconds
          end
          index += 1
        end
        close(times, values, first, times.size)
      end

      def close(times, values, first, after)
        @times << ((times[first] + times[after - 1]) / 2)
        @values << (
          after - first == 1 ? values[first] : values[first...after].sort[(after - first) / 2]
        )
      end
    end
  end
end

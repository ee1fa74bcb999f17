# frozen_string_literal: true

module Munimen
  class PressureLog
    # Water hammer: the pressure swings far from what stood before and after, and is back within
    # seconds. It lasts milliseconds to a second or two: rows farther apart than CLOSE cannot show
    # it. A tap that opens moves the pressure too, but it stays there.
    class Hammer
      CLOSE = 0.12    # s between rows: a swing of 0.4 s needs three; from memory
      AWAY = 8 * PSI  # from what stands round it; from memory
      LONGEST = 3.0   # s
      ROUND = 2.0     # s of what stands round it
      BESIDE = 5      # rows before and after that must agree

      def self.shows?(interval) = interval <= CLOSE

      def initialize(log) = @log = log

      def events
        return [] unless self.class.shows?(@log.interval)

        @round = Blocks.new(@log, ROUND)
        swings.filter_map do |indices|
          from, to = @log.times.values_at(indices.first, indices.last)
          next if to - from > LONGEST || moved?(indices)

          level = @round.values[@at.fetch(indices.first)]
          Event.new(
            kind: :hammer,
            from:,
            to:,
            start: level,
            extreme: @log.values.values_at(*indices).max_by { |value| (value - level).abs }
          )
        end
      end

      private

      # Groups of rows far from the medians of their own and both neighbouring stretches.
      def swings
        @at = {}
        medians = @round.values
        block = 0
        far = @log.values.each_index.select do |index|
          time = @log.times[index]
          block += 1 while block < medians.size - 1 && time > @round.times[block] + (ROUND / 2)
          value = @log.values[index]
          next unless (value - medians[block]).abs > AWAY && away?(value, medians, block)

          @at[index] = block
        end
        far.slice_when { |before, after| @log.times[after] - @log.times[before] > 1.0 }
      end

      def moved?(indices)
        before = @log.values[[indices.first - BESIDE, 0].max]
        after = @log.values[[indices.last + BESIDE, @log.values.size - 1].min]
        (after - before).abs > AWAY / 2
      end

      def away?(value, medians, block)
        [block - 1, block + 1].all? do |near|
          near.negative? || near >= medians.size || (value - medians[near]).abs > AWAY
        end
      end
    end
  end
end

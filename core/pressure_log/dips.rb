# frozen_string_literal: true

module Munimen
  class PressureLog
    # Pressure that falls well below the static level: the supply dips, or is drawn down by what
    # runs.
    class Dips
      DEPTH = 8 * PSI # under the static level, or a share of it
      SHARE = 0.12    # from memory
      SHORTEST = 20.0 # s
      # s between rows: slower ones may miss what it stands at between rises, and so from where it
      # falls
      SLOWEST = 300.0

      def initialize(log)
        @log = log
        @below = log.static - [DEPTH, log.static * SHARE].max
      end

      def events
        return [] if @log.interval > SLOWEST

        shortest = [SHORTEST, @log.interval * (RESOLVES - 1)].max
        runs.filter_map do |first, last|
          times = @log.blocks.times
          next if times[last] - times[first] + @log.blocks.seconds < shortest

          Event.new(
            kind: :dip,
            from: times[first],
            to: times[last],
            start: @log.static,
            extreme: @log.blocks.values[first..last].min
          )
        end
      end

      private

      # Index pairs of neighbouring blocks below; one above between them does not count.
      def runs
        @log
          .blocks
          .values
          .each_index
          .select { |index| @log.blocks.values[index] < @below }
          .slice_when { |before, after| after - before > 2 || @log.blocks.breaks.key?(after) }
          .map { |run| [run.first, run.last] }
      end
    end
  end
end

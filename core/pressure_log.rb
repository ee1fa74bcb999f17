# frozen_string_literal: true

module Munimen
  # What a pressure logger wrote down on one water system, and what can be told from it: the
  # static level, what the pressure did and when, how long it stood too high, and what readings so
  # far apart cannot show. SI: s since the start, Pa gauge.
  #
  #   log = PressureLog.new(times, values, heater:)
  #   log.static                         # => Pa
  #   log.events.map(&:kind)             # => [:heating, :dip, …]
  class PressureLog
    # kind: :heating, :creep, :dip or :hammer; from, to: s; start, extreme: Pa; lifted: nil, :may
    # or :yes.
    Event = Struct.new(:kind, :from, :to, :start, :extreme, :lifted, keyword_init: true) do
      def seconds = to - from
      def height = extreme - start
      # Pa/s
      def rate = height / [seconds, 1e-3].max
    end

    PSI = 6894.757293168361
    FEWEST = 20  # rows
    GAP = 3.5    # usual intervals after which something is missing
    BLOCK = 10.0 # s that are taken together where the rows are closer
    RESOLVES = 4 # intervals that an event must last to be told

    attr_reader :times, :values, :interval, :heater

    # times: [s] rising; values: [Pa]. heater: Heater::Installation, for its relief valve and how
    # fast it warms, or nil. Raises Error where there are too few rows.
    def initialize(times, values, heater: nil)
      if times.size < FEWEST
        raise Error.new(
          Message.of("The log has {size} rows; at least {fewest} with time and pressure are " \
                     "needed.",
                     size: times.size, fewest: FEWEST),
          field: :log,
          code: :too_short
        )
      end

      @times = times
      @values = values
      @heater = heater
      @interval = usual_interval
    end

    def seconds = times.last - times.first
    def highest = @highest ||= values.max
    def lowest = @lowest ||= values.min

    # [[from, to], …] in s where rows are missing.
    def gaps
      @gaps ||= times.each_cons(2).select { |before, after| after - before > interval * GAP }
    end

    # Medians of BLOCK seconds, or the rows themselves where they are farther apart.
    def blocks = @blocks ||= Blocks.new(self, [BLOCK, interval].max)
    def static = @static ||= Level.of(blocks)

    # Smallest step that its numbers make, Pa: what it can tell apart.
    def digit
      @digit ||=
        values
          .first(5000)
          .each_cons(2)
          .filter_map { |a, b| (a - b).abs if (a - b).abs > 1.0 }
          .min || 0.0
    end

    # What happened, in order of time.
    def events
      @events ||=
        (Rises.new(self).events + Dips.new(self).events + Hammer.new(self).events).sort_by(&:from)
    end

    # Seconds for which the pressure stood above a limit, Pa; gaps do not count.
    def seconds_above(limit)
      sum = 0.0
      index = 0
      last = times.size - 1
      while index < last
        stretch = times[index + 1] - times[index]
        sum += stretch if values[index] > limit && stretch <= interval * GAP
        index += 1
      end
      sum
    end

    # The pressure at which the first relief valve opens, Pa, or nil where the heater is not known.
    def relief = heater&.first_relief_pressure&.si

    private

    # Median of the steps between rows, from a spread of them.
    def usual_interval
      every = [times.size / 2000, 1].max
      steps =
        (1...times.size).step(every).map { |i| times[i] - times[i - 1] }.select(&:positive?).sort
      if steps.empty?
        raise Error.new(
          "The log's times do not go on: every row has the same.",
          field: :log,
          code: :bad_time
        )
      end

      steps[steps.size / 2]
    end
  end
end

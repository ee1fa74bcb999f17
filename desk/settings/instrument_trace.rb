# frozen_string_literal: true

module Munimen
  module Desk
    # What an instrument shows, twice a second, and the value once it has come to rest, with its
    # spread: never before (Measure::Settled).
    class InstrumentTrace
      EVERY = 0.5  # s
      LONGEST = 60 # s
      MOST = (LONGEST / EVERY).to_i
      LEAST = 3 # samples

      # All of it at once, from what shows the next half-second whenever it is asked, as a training
      # run's driver does: {samples: [{t:, value:, flags:}], settled: {…} or nil}.
      def self.of(driver, reads, units:)
        trace = new(Measure::Kind[reads], driver.digit, units:)
        samples = []
        MOST.times do
          samples << trace.take(driver.measure)
          break if trace.settled
        end
        { samples:, settled: trace.settled }
      end

      # digit: of the instrument, SI.
      def initialize(kind, digit, units:)
        @kind = kind
        @digit = digit
        @units = units
        @taken = 0
        @samples = []
      end

      # sample: value (SI or nil) and flags. {t: s, value: in the unit of `units`, flags:}
      def take(sample)
        at = @taken * EVERY
        @taken += 1
        @samples << [at, sample.value] if sample.value
        { t: at, value: sample.value && number(sample.value), flags: sample.flags }
      end

      # nil until it rests; then {typed:, text:, at: s, spread:}.
      def settled
        return if @samples.size < LEAST

        tolerance = Measure::Settled.tolerance(@kind.id, @samples.last[1], @digit)
        rest = Measure::Settled.of(@samples, tolerance:, hold: Measure::Settled::HOLD)
        return unless rest.settled_at

        value = Measure::Quantity.new(@kind, rest.value)
        places = [@kind.places(unit), 1].max
        { typed: "#{value.in(unit).round(places)} #{unit.label}", text: value.format(@units),
          at: rest.settled_at, spread: width(rest.spread) }
      end

      private

      def unit = @kind.unit(@units)
      def number(value) = Measure::Quantity.new(@kind, value).in(unit).round(3)

      # A difference of two readings has the unit's size, not its zero.
      def width(spread)
        (Measure::Quantity.new(@kind, 300 + spread).in(unit) -
          Measure::Quantity.new(@kind, 300).in(unit)).round(3)
      end
    end
  end
end

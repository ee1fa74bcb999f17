# frozen_string_literal: true

module Munimen
  module Measure
    # Has a train of samples come to rest? The last `hold` seconds must all lie within ± tolerance
    # of their median; a single knock inside an otherwise quiet window keeps it unsettled.
    #
    #   Settled.of([[0, 48], [1, 50], …], tolerance: 0.5, hold: 5).value
    class Settled
      HOLD = 5.0 # s of rest
      # How far a resting reading may wander each way, SI, by kind of quantity; others 1 %. From
      # memory.
      WANDERS = {
        pressure: 5000.0,
        gas_pressure: 12.0,
        temperature: 0.4,
        generator_voltage: 0.0006,
        resistance: 0.2,
        voltage: 1.5
      }.freeze

      # The tolerance for a reading of a kind near a value; between two digits of the instrument
      # it is at rest.
      def self.tolerance(kind, value, digit)
        [WANDERS.fetch(kind) { value.abs * 0.01 }, digit * 1.05].max
      end

      attr_reader :value, :spread, :settled_at

      # samples: [[seconds, value], …] in order of time.
      def self.of(samples, tolerance:, hold:) = new(samples, tolerance, hold)

      def initialize(samples, tolerance, hold)
        @samples = samples
        @tolerance = tolerance
        window = window_ending(samples.size - 1, hold)
        values = window.map(&:last)
        @value = trimmed_mean(values)
        @spread = values.max - values.min
        @settled_at = first_quiet(hold)
      end

      private

      # Earliest sample time since which every window of `hold` seconds was quiet, or nil.
      def first_quiet(hold)
        found = nil
        (@samples.size - 1).downto(0) do |last|
          window = window_ending(last, hold)
          break unless window && covers?(window, last, hold) && quiet?(window.map(&:last))

          found = @samples[last].first
        end
        found
      end

      def window_ending(last, hold)
        limit = @samples[last].first - hold
        first = last
        first -= 1 while first.positive? && @samples[first - 1].first >= limit - 1e-9
        @samples[first..last]
      end

      def covers?(window, last, hold)
        window.size >= 3 && @samples[last].first - @samples.first.first >= hold - 1e-9
      end

      def quiet?(values)
        middle = values.sort[values.size / 2]
        values.all? { |value| (value - middle).abs <= @tolerance }
      end

      # Mean without the lowest and highest tenth: robust against a stray sample.
      def trimmed_mean(values)
        cut = values.size / 10
        kept = values.sort[cut..(values.size - cut - 1)]
        kept.sum / kept.size.to_f
      end
    end
  end
end

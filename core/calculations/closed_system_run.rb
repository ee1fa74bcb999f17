# frozen_string_literal: true

module Munimen
  module Calculations
    # One run of the closed-system calculation on checked inputs: the course, cut at the relief
    # setting.
    class ClosedSystemRun
      STEP = 30.0 # s

      # inputs: Hash of Quantities as the calculation `closed_system` declares them.
      def initialize(inputs)
        @inputs = inputs
        @relief = inputs[:relief_setting].si
        @system = Physics::ClosedSystem.new(
          volume: inputs[:volume].si,
          supply: inputs[:supply_pressure].si,
          compliance: inputs[:compliance]&.si,
          vessel:
        )
        @course = @system.course(
          power: inputs[:power].si * inputs[:efficiency].si,
          cold: inputs[:cold].si,
          hot: inputs[:hot].si,
          step: STEP
        )
      end

      def outputs
        time, expanded = relief_point
        { time_to_relief: time, expanded_at_relief: expanded,
          peak_pressure: [@course.last.pressure, @relief].min, series: }
      end

      private

      def vessel
        return unless @inputs[:vessel_volume].si.positive?

        Physics::Vessel.new(volume: @inputs[:vessel_volume].si, charge: @inputs[:charge].si)
      end

      # Seconds and m3 when the relief setting is met, interpolated inside the step; nils if never.
      def relief_point
        after = @course.index { |point| point.pressure >= @relief }
        return [nil, nil] unless after

        before = @course[after - 1]
        point = @course[after]
        share = (@relief - before.pressure) / (point.pressure - before.pressure)
        [
          before.time + (share * (point.time - before.time)),
          before.expanded + (share * (point.expanded - before.expanded))
        ]
      end

      def series
        @course.map do |point|
          {
            time: Measure::Quantity.new(:time, point.time),
            temperature: Measure::Quantity.new(:temperature, point.temperature),
            pressure: Measure::Quantity.new(:pressure, [point.pressure, @relief].min),
            expanded_volume: Measure::Quantity.new(:volume, point.expanded)
          }
        end
      end
    end
  end
end

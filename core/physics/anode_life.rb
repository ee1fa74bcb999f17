# frozen_string_literal: true

module Munimen
  module Physics
    # How fast an anode is used up, and when it comes down to a part of itself.
    module AnodeLife
      READING_ERROR = 0.10 # from memory
      YEAR = 365.25
      HOURS = YEAR * 24
      # Ah/kg and the range of efficiency; from memory.
      ALLOYS = { magnesium: [2205, 0.5, 0.5], aluminium: [2980, 0.5, 0.85] }.freeze

      module_function

      # points: [[Date, part left], …] in order of time. A rise beyond the reading error means
      # that it was replaced: what was before does not count. {rate:, replace_by: {earliest:,
      # likely:, latest:}}.
      def from_inspections(points, replace_at)
        points = since_replaced(points)
        return { rate: nil, replace_by: dates(nil, nil, nil) } if points.size < 2

        start = points.first.first
        years = points.map { |on, _| (on - start) / YEAR }
        left = points.map(&:last)
        slope, intercept = line(years, left)
        band = spread(years, left, slope, intercept)
        {
          rate: -slope,
          replace_by:
            dates(
              *crossings(slope, intercept, band, years, replace_at).map do |year|
                year && (start + (year * YEAR).round)
              end
            )
        }
      end

      # The same from a mass in kg and a current in A.
      def faraday(mass:, alloy:, current:, replace_at:, fitted_on:)
        charge, low, high = ALLOYS.fetch(alloy)
        years = ->(efficiency) { mass * (1 - replace_at) * charge * efficiency / current / HOURS }
        likely = years[(low + high) / 2]
        by = (
          if fitted_on
            [years[low], likely, years[high]].map do |year|
              fitted_on + [year * YEAR, 3_000_000].min.round
            end
          else
            [nil, nil, nil]
          end
        )
        { rate: (1 - replace_at) / likely, replace_by: dates(*by) }
      end

      def since_replaced(points)
        rise = (1...points.size).to_a.reverse.find do |i|
          points[i].last > points[i - 1].last + READING_ERROR
        end
        rise ? points[rise..] : points
      end

      def line(years, left)
        mean = years.sum / years.size
        slope = years.zip(left).sum { |x, y| (x - mean) * y } / years.sum { |x| (x - mean)**2 }
        [slope, (left.sum / left.size) - (slope * mean)]
      end

      # Uncertainty of one value: from the scatter about the line, or with two points the reading
      # error.
      def spread(years, left, slope, intercept)
        return READING_ERROR if years.size == 2

        residuals = years.zip(left).sum { |x, y| (y - intercept - (slope * x))**2 }
        [2 * Math.sqrt(residuals / (years.size - 2)), 0.02].max
      end

      # Years to the earliest, likely and latest crossing: the line turned about its middle by the
      # spread.
      def crossings(slope, intercept, band, years, replace_at)
        middle = years.sum / years.size
        height = intercept + (slope * middle)
        turn =
          band / [(years.max - years.min) / 2.0, 0.01].max /
          (years.size == 2 ? 1 : Math.sqrt(years.size / 2.0))
        [slope - turn, slope, slope + turn].map do |each|
          each.negative? ? [middle + ((replace_at - height) / each), 0].max : nil
        end
      end

      def dates(earliest, likely, latest)
        { earliest:, likely:, latest: }.transform_values { |on| on&.iso8601 }
      end
      private_class_method :since_replaced, :line, :spread, :crossings, :dates
    end
  end
end

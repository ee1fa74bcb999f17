# frozen_string_literal: true

module Munimen
  module Physics
    # A slope through points that one wrong reading does not turn: the median of the slopes of all
    # pairs (Theil 1950, Sen 1968), with about two thirds of certainty from their ranks. Points of
    # different pieces are never paired, so that something done between them (a top-up, a new
    # part) does not count as a change by itself.
    #
    #   RobustLine.of([[[0, 10], [1, 9], [2, 8]]]).slope # => -1.0
    module RobustLine
      # times the usual distance from the line at which a point stands apart (Iglewicz and Hoaglin
      # 1993)
      APART = 3.5
      USUAL = 1.4826 # median distance to standard deviation of a normal distribution
      SHORTEST = 0.04 # of the unit of x below which a pair says nothing: a fortnight in years

      # slope: per unit of x; within: how far it may be out either way; now: y of the last piece
      # at its last x; apart: [[x, y], …] that stand apart.
      Found = Struct.new(:slope, :within, :now, :apart, keyword_init: true)

      module_function

      # pieces: [[[x, y], …], …] in order of x; error: how far a single reading may be out,
      # in y. nil while there is no pair.
      def of(pieces, error: 0.0)
        slopes = pieces.flat_map { |piece| slopes(piece) }.sort
        return if slopes.empty?

        slope = median(slopes)
        last = pieces.last
        height = median(last.map { |x, y| y - (slope * x) })
        Found.new(
          slope:,
          within: within(slopes, pieces, error),
          now: height + (slope * last.last[0]),
          apart: apart(pieces, slope, error)
        )
      end

      def slopes(piece)
        piece
          .combination(2)
          .filter_map { |(x0, y0), (x1, y1)| (y1 - y0) / (x1 - x0) if (x1 - x0) >= SHORTEST }
      end

      # Sen's interval of one standard deviation, and never less than the readings' own error over
      # the pieces' length.
      def within(slopes, pieces, error)
        variance = pieces.sum { |piece| piece.size.then { |n| n * (n - 1) * ((2 * n) + 5) / 18.0 } }
        reach = Math.sqrt(variance)
        low, high = [(slopes.size - reach) / 2, ((slopes.size + reach) / 2)].map do |rank|
          slopes[rank.round.clamp(0, slopes.size - 1)]
        end
        spans = pieces.map { |piece| piece.last[0] - piece.first[0] }.select(&:positive?)
        [(high - low) / 2, Math.sqrt(2.0 / spans.size) * error / spans.max].max
      end

      def apart(pieces, slope, error)
        off = pieces.flat_map do |piece|
          heights = piece.map { |x, y| y - (slope * x) }
          piece.zip(heights.map { |height| (height - median(heights)).abs })
        end
        usual = [USUAL * median(off.map(&:last)), error].max
        off.select { |_, distance| off.size > 3 && distance > APART * usual }.map(&:first)
      end

      def median(list)
        sorted = list.sort
        middle = sorted.size / 2
        sorted.size.odd? ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2.0
      end
    end
  end
end

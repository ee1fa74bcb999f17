# frozen_string_literal: true

module Munimen
  module Physics
    # Pressures of a closed tank while it heats, set on what its vessel would make of them: as it is
    # recorded, flat, and none at all; and what the vessel has really taken. The heat that goes in
    # is known by its power, so that the water's own growth is; what has not raised the pressure by
    # the give of tank and pipes has gone into a vessel. A tap that drips, or a main that takes
    # water back, looks like a vessel. SI; Pa gauge.
    class Climb
      # How far a gauge may be off: what differs less is not told apart.
      READ = 10_000.0 # Pa, about 1.5 psi; from memory
      TIMES = 2.0     # by which the others must be farther off than the nearest
      # Of its rise, by which a course may be missed and is followed still: pipes give a fifth more
      # or less, a burner a tenth; from memory.
      FITS = 0.35

      # name: :recorded, :flat or :none; points: [[s, Pa]]; off: Pa, root of the mean square.
      Course = Struct.new(:name, :points, :off)

      # volume: m3; power: W into the water; cold: K at the start; readings: [[s, Pa]] from the
      # start of heating; vessel: Physics::Vessel as recorded, or nil; hot: K at which it ends;
      # relief: Pa.
      def initialize(volume:, power:, cold:, readings:, hot:, relief:, vessel: nil)
        @volume = volume
        @power = power
        @cold = cold
        @hot = hot
        @relief = relief
        @readings = readings.sort_by(&:first)
        @vessel = vessel
        @supply = @readings.first.last
      end

      # Courses to be told apart, the nearest first.
      def courses
        @courses ||= Vessel.cases(@vessel).map { |name, one| course(name, one) }.sort_by(&:off)
      end

      # Name of the one that the readings follow, :other where they follow none of them; nil while
      # they cannot be told apart.
      def follows
        return unless enough?

        best = courses.first
        rise = on(best.points, @readings.last.first) - @supply
        best.off <= [READ, rise * FITS].max ? best.name : :other
      end

      # Whether enough has been seen: without a vessel it would have risen by more than can be read,
      # and each of the others is off by more.
      def enough?
        best = courses.first.off
        bare = courses.find { |one| one.name == :none }
        return false unless on(bare.points, @readings.last.first) - @supply > READ * TIMES

        courses.drop(1).all? { |one| one.off > [best + READ, best * TIMES].max }
      end

      # m3 that have gone into a vessel by a reading, by the growth that did not raise the pressure.
      def taken(seconds = @readings.last.first, pressure = @readings.last.last)
        [expanded(seconds) - (compliance * (pressure - @supply)), 0.0].max
      end

      # m3 of a vessel that would take this, charged as it is recorded or to the supply.
      def volume_seen
        whole = Vessel.new(volume: 1.0, charge:)
        sums = @readings.drop(1).map do |seconds, pressure|
          [taken(seconds, pressure), whole.water(pressure) - whole.water(@supply)]
        end
        square = sums.sum { |_, share| share**2 }
        square.positive? ? sums.sum { |water, share| water * share } / square : 0.0
      end

      # s from the start at which the relief would open, by what has been seen; nil where the water
      # is hot before.
      def relief_at
        seen = volume_seen
        vessel = (Vessel.new(volume: seen, charge:) if seen > 1e-5)
        along(vessel).find { |point| point.pressure >= @relief }&.time
      end

      private

      def system(vessel) = ClosedSystem.new(volume: @volume, supply: @supply, vessel:)
      def charge = @vessel&.charge || @supply
      def compliance = ClosedSystem.default_compliance(@volume)

      def course(name, vessel)
        points = along(vessel).map { |point| [point.time, point.pressure] }
        squares = @readings.drop(1).map { |at, pressure| (pressure - on(points, at))**2 }
        Course.new(name, points, squares.empty? ? 0.0 : Math.sqrt(squares.sum / squares.size))
      end

      # The pressure of a course at a time, along its points.
      def on(points, seconds)
        after = points.index { |time, _| time >= seconds } or return points.last.last
        return points.first.last if after.zero?

        (first, low), (last, high) = points[after - 1], points[after]
        low + ((high - low) * (seconds - first) / (last - first))
      end

      def expanded(seconds)
        @expanded ||= along(nil).map { |point| [point.time, point.expanded] }
        on(@expanded, seconds)
      end

      # Points of the course that a vessel would give.
      def along(vessel)
        system(vessel).course(power: @power, cold: @cold, hot: @hot, step: 15.0)
      end
    end
  end
end

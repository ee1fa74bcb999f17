# frozen_string_literal: true

module Munimen
  module Day
    # Seconds from one place to another by the great circle, with what roads and towns add. Values
    # from memory: roads a third longer than the line, 45 km/h with stops and starts, four minutes
    # to park and unload.
    module Travel
      ROADS = 1.35
      SPEED = 45 / 3.6 # m/s
      PARK = 240.0     # s
      UNKNOWN = 900.0  # s, where a place is not known
      EARTH = 6_371_009.0 # m, mean radius (IUGG)

      module_function

      def seconds(from, to)
        return UNKNOWN if from.nil? || to.nil?
        return 0.0 if from == to

        PARK + (metres(from, to) * ROADS / SPEED)
      end

      # Great circle (haversine).
      def metres(from, to)
        a, b = [from, to].map { |place| place.map { |degrees| degrees * Math::PI / 180 } }
        h =
          (Math.sin((b[0] - a[0]) / 2)**2) +
          (Math.cos(a[0]) * Math.cos(b[0]) * (Math.sin((b[1] - a[1]) / 2)**2))
        2 * EARTH * Math.asin(Math.sqrt(h))
      end
    end
  end
end

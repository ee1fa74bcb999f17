# frozen_string_literal: true

module Munimen
  class Rig
    # How the main's pressure goes up and down: with the day, and faster as others draw. A
    # function of the time and the seed alone, so that the same rig comes out whatever the steps.
    class Swing
      DAY = 86_400.0
      FAST = [420.0, 1380.0, 3660.0].freeze # s; from memory, as the street draws

      # most: Pa each way; 0 leaves the main alone.
      def initialize(most, random)
        @most = most
        @phases = Array.new(FAST.size + 1) { random.rand * 2 * Math::PI }
      end

      # Sets the main of a water side for a time, s, round the pressure that it had first.
      def on(water, time)
        return if @most.zero?

        @base ||= water.mains
        day, *fast = @phases
        slow = Math.sin((2 * Math::PI * time / DAY) + day)
        quick =
          FAST.zip(fast).sum { |period, phase| Math.sin((2 * Math::PI * time / period) + phase) } /
          FAST.size
        water.mains = @base + (@most * ((0.6 * slow) + (0.4 * quick)))
      end
    end
  end
end

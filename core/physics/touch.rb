# frozen_string_literal: true

module Munimen
  module Physics
    # How long a bare hand can be held to a metal pipe before it would burn: the thresholds of
    # ISO 13732-1 for bare metal (65 °C for a second, 56 °C for ten, 51 °C for a minute; from
    # memory). Whoever lets go sooner does so near them, not at them: what a hand says is weak.
    module Touch
      # °C => s at which a burn begins.
      BARE_METAL = { 51.0 => 60.0, 56.0 => 10.0, 65.0 => 1.0 }.freeze
      ZERO = 273.15
      HOLDS = 5.0 # s that count as “a few seconds”

      module_function

      # Seconds to the threshold at a temperature (K), along straight lines of its logarithm;
      # infinite below the lowest.
      def seconds(temperature)
        celsius = temperature - ZERO
        points = BARE_METAL.to_a
        return Float::INFINITY if celsius < points.first.first
        return points.last.last if celsius >= points.last.first

        (low, long), (high, short) = points.each_cons(2).find { |_, (above, _)| celsius < above }
        share = (celsius - low) / (high - low)
        Math.exp(Math.log(long) + (share * (Math.log(short) - Math.log(long))))
      end

      # What a hand says of it: :holds, :five or :cannot.
      def says(temperature)
        seconds = seconds(temperature)
        return :holds if seconds.infinite?

        seconds >= HOLDS ? :five : :cannot
      end
    end
  end
end

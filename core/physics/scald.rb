# frozen_string_literal: true

module Munimen
  module Physics
    # Time to a full-thickness burn of adult skin. Moritz & Henriques 1947 as tabled by US
    # consumer-safety guidance, from memory; log-linear between the tabled points. Children and
    # the old burn sooner.
    module Scald
      # °F => seconds
      TABLE = { 120 => 300.0, 130 => 30.0, 140 => 6.0, 150 => 2.0 }.freeze

      module_function

      # Seconds for a temperature in K: nil below 110 °F (no burn expected), infinite between 110
      # and 120 °F ("over 5 min"), 2.0 at and above 150 °F ("2 s or less").
      def seconds(temperature)
        fahrenheit = Measure::Unit["degF"].from_si(temperature).round(6)
        return nil if fahrenheit < 110
        return Float::INFINITY if fahrenheit < 120
        return 2.0 if fahrenheit >= 150

        (low, long), (high, short) = TABLE.each_cons(2).find { |_, (upper, _)| fahrenheit <= upper }
        share = (fahrenheit - low) / (high - low).to_f
        Math.exp(Math.log(long) + (share * (Math.log(short) - Math.log(long))))
      end
    end
  end
end

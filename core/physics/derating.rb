# frozen_string_literal: true

module Munimen
  module Physics
    # What thin air leaves of a burner's rated input.
    module Derating
      # Above 2 000 ft 4 % for each 1 000 ft above the sea: NFPA 54 11.1.2, from memory.
      US_FROM = 609.6 # m
      # Canada: 10 % from 610 to 1 370 m: CSA B149.1, from memory; above that as in the US, which is
      # the stricter.
      CANADA_TO = 1370.0 # m

      module_function

      # Share of the plate's input that a burner may have at an altitude (m above the sea).
      def share(metres, canada: false)
        return 1.0 if metres <= US_FROM
        return 0.9 if canada && metres <= CANADA_TO

        1 - (0.04 * metres / 304.8)
      end
    end
  end
end

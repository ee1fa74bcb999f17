# frozen_string_literal: true

module Munimen
  module Physics
    # Heat for a tank of water. SI units.
    module HeatUp
      module_function

      # Seconds for `power` W (into the water) to bring `volume` m3 from cold to hot (K).
      def seconds(volume:, power:, cold:, hot:)
        volume * Water.density(cold) * (Water.enthalpy(hot) - Water.enthalpy(cold)) / power
      end
    end
  end
end

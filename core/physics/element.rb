# frozen_string_literal: true

module Munimen
  module Physics
    # A resistance heater: R = V²/P. IEC 60335-1 clause 10.1 (from memory) lets its power lie
    # between −10 and +5 %, so that its resistance lies between −5 and +11 %.
    module Element
      POWER_TOLERANCE = [0.90, 1.05].freeze

      module_function

      # Ω of a rated power in W at a rated voltage in V.
      def resistance(power, voltage) = (voltage**2) / power

      # [lowest, highest] Ω of a sound one.
      def band(power, voltage)
        POWER_TOLERANCE.reverse.map { |share| (voltage**2) / (power * share) }
      end
    end
  end
end

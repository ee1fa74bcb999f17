# frozen_string_literal: true

module Munimen
  module Work
    # What is never done, whatever the reason, and what may be done out of order for one.
    #
    #   Interlocks.soft?([:max_hand]) # => true: with a reason that the report carries
    module Interlocks
      # Needs of convenience, of waiting and of method. All others protect somebody, and hold.
      SOFT = %i[
        identified
        looked
        static
        as_found
        max_hand
        cycle
        gauge
        charge
        air_valve
        temperature
        recirculation
        dial
        programmer
        two_port
      ].freeze

      module_function

      # Whether needs of these variables may be passed over with a reason.
      def soft?(names) = names.all? { |name| SOFT.include?(name) }

      # Whether an operation gives a source its heat back.
      def gives_heat?(operation)
        operation.makes.any? do |name, value|
          (name == :heat || name.start_with?("heat.")) && %i[on pilot].include?(value)
        end && operation.needs.any? { |name, _| name == :level }
      end
    end
  end
end

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
        hose
        charge
        air_valve
        temperature
        recirculation
        dial
        programmer
        two_port
      ].freeze
      # What was seen that keeps every source of heat off until it has been put right, and by
      # which operation.
      BLOCKED = {
        relief_present: {
          missing: :replace_relief_valve,
          plugged: :replace_relief_valve
        },
        discharge_open: {
          capped: nil
        },
        gas_smell_seen: {
          smell: :prove_gas_joints
        }
      }.freeze

      module_function

      # Whether needs of these variables may be passed over with a reason.
      def soft?(names) = names.all? { |name| SOFT.include?(name) }

      # Text why an operation is never done as things stand, or nil.
      def refusal(visit, operation)
        unless gives_heat?(operation) &&
               visit.state.any? { |name, value| name.start_with?("heat.") && value != :on }
          return
        end

        what = blocked(visit) or return
        "The {heater} stays off: #{what}. Put that right, and say so, before any heat."
      end

      # What was seen and still blocks the last protection, or nil.
      def blocked(visit)
        BLOCKED.each do |item, findings|
          found = visit.observation(item)&.finding
          next unless findings.key?(found) && !(findings[found] && visit.done?(findings[found]))

          return Inspection::InspectionItem[item].findings.fetch(found).text
        end
        nil
      end

      def gives_heat?(operation)
        operation.makes.any? do |name, value|
          (name == :heat || name.start_with?("heat.")) && %i[on pilot].include?(value)
        end && operation.needs.any? { |name, _| name == :level }
      end
    end
  end
end

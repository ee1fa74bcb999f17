# frozen_string_literal: true

module Munimen
  module Work
    # When the vessel's charge need not, or cannot, be set.
    module ChargePolicy
      module_function

      # What shuts the vessel off besides the heater's own valve: one that sits before that valve is
      # isolated by the house's. {variable => value}
      def isolation(heater)
        heater.vessel_upstream == :yes ? { house_supply: :shut, house_pressure: :zero } : {}
      end

      # Text why it cannot be set, or nil.
      def refusal(visit)
        return unless visit.choice(:air_valve_emits) == :water

        "Water came out of the air valve: the membrane has failed, and no charge will hold. " \
          "Replace the {vessel}."
      end

      # Text why it need not be set, or nil: read at zero and within the tolerance of the supply.
      def superfluous(visit)
        charge = visit.reading(:vessel_charge)
        target = visit.charge_target
        return unless visit.pressure_at_vessel(charge) == :zero && target
        return if visit.choice(:air_valve_emits) == :nothing

        tolerance = visit.rules.limit(:charge_tolerance).at_most
        gap = (charge.quantity.si - target.si).abs
        "The charge is right as found; there is nothing to set." if gap <= tolerance.si + 1.0
      end
    end
  end
end

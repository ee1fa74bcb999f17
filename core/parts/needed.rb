# frozen_string_literal: true

module Munimen
  module Parts
    # What a heater needs of a part where no plate says it.
    module Needed
      # m between a tank's top and its floor that an anode leaves free; common practice
      HEADROOM = 0.1

      module_function

      # Smallest vessel by `expansion_vessel`, or nil while the static pressure is not known.
      def vessel(visit)
        static = visit.charge_target or return
        given =
          Visit::CalculationInputs
            .new(visit)
            .inputs(Calculations::Calculation[:expansion_vessel])
            .merge(supply_pressure: text(static), charge: text(static))
        needed =
          Calculations::Calculation[:expansion_vessel].call(given, units: visit.units).outputs[
            :minimum_volume
          ]
        needed.is_a?(Measure::Quantity) ? needed : Measure::Quantity.new(:volume, needed)
      rescue Munimen::Error
        nil
      end

      def text(pressure) = "#{pressure.in("psi").round(3)} psi"

      # The longest anode that the tank takes.
      def anode_length(visit)
        Measure::Quantity.new(:length, visit.heater.tank_height - HEADROOM)
      end
    end
  end
end

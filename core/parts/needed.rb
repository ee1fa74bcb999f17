# frozen_string_literal: true

module Munimen
  module Parts
    # What a heater needs of a part where no plate says it.
    module Needed
      # m between a tank's top and its floor that an anode leaves free; common practice
      HEADROOM = 0.1

      module_function

      # Smallest vessel with which no relief valve opens, or as near as counts for that, when the
      # whole tank is heated from cold; nil while the static pressure is not known, or leaves none.
      def vessel_for_relief(visit)
        supply = visit.charge_target or return
        cold = visit.quantity(:cold_temperature) || Work::Durations::COLD
        least = Work::VesselVolume.new(visit.heater, visit.rules, supply, cold).for_relief
        least && Measure::Quantity.new(:volume, least)
      end

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

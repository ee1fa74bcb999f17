# frozen_string_literal: true

module Munimen
  module Work
    # How long waits last on this heater, in seconds, from the physics.
    module Durations
      # Drawn to make the heat come on; common practice.
      DRAW = Measure::Quantity.of(10, "gal", :volume)
      COLD = Measure::Quantity.of(50, "degF", :temperature)
      # Taken when the plate does not say how strong the heat is; from memory.
      USUAL_POWER = { gas_storage: 40_000 * 0.2930711 * 0.8, electric_storage: 4500.0, boiler_coil: 20_000.0, unvented_indirect: 15_000.0,
                      unvented_direct: 3000.0 }.freeze

      module_function

      # Seconds to heat again what a normal draw took out.
      def recovery(heater)
        hot = heater.usual_set_point
        power = heater.heating_power || USUAL_POWER.fetch(heater.kind)
        Physics::HeatUp.seconds(volume: [DRAW.si, heater.capacity.si].min, power:, cold: COLD.si, hot: hot.si).round
      end
    end
  end
end

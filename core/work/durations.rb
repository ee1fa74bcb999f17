# frozen_string_literal: true

module Munimen
  module Work
    # How long waits last on this heater, in seconds, from the physics.
    module Durations
      # Drawn to make the heat come on; common practice.
      DRAW = Measure::Quantity.of(10, "gal", :volume)
      COLD = Measure::Quantity.of(50, "degF", :temperature)
      # A garden hose that runs to slightly lower ground; from memory.
      HOSE = { bore: 0.0127, hose_length: 10.0, hose_bore: 0.0159, fall: 0.6 }.freeze
      FILL = 15.0 / 60_000 # m3/s, a cold branch through a tank's inlet; from memory

      module_function

      # Seconds to heat a tank of cold water.
      def heat_up(heater)
        power = heater.heating_power || heater.type.usual_power
        Physics::HeatUp.seconds(
          volume: heater.capacity.si,
          power:,
          cold: COLD.si,
          hot: heater.usual_set_point.si
        ).round
      end

      # Seconds to drain a part of the tank from the top; worked out once for each size of tank.
      def drain(heater, share)
        (@drains ||= {})[[heater.capacity.si, share]] ||= begin
          height = heater.tank_height
          Physics::Drain
            .new(area: heater.capacity.si / height, **HOSE)
            .seconds(from: height, to: height * (1 - share))
            .round
        end
      end

      # What is missing of a tank that was drained so far; all of it where that is not known.
      MISSING = { below_relief_port: 0.2, below_upper_element: 0.75 }.freeze

      # Seconds to fill a tank that is drained to a level; an empty one unless said.
      def fill(heater, level = nil)
        (heater.capacity.si * MISSING.fetch(level, 1) / FILL).round
      end

      # Seconds to heat again what a normal draw took out.
      def recovery(heater)
        hot = heater.usual_set_point
        power = heater.heating_power || heater.type.usual_power
        Physics::HeatUp.seconds(
          volume: [DRAW.si, heater.capacity.si].min,
          power:,
          cold: COLD.si,
          hot: hot.si
        ).round
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Calculations
    # Refusals shared by the calculations about a tank: nonsense is never computed with.
    module Limits
      module_function

      # Raises unless both are liquid, possible in a tank, and hot is above cold.
      def check(cold, hot)
        limits(cold, :cold)
        limits(hot, :hot)
        return if hot.si > cold.si

        raise Error.new(
          Message.of("hot must be above cold; got {cold} to {hot}.",
                     cold: cold.format(:us), hot: hot.format(:us)),
          field: :hot,
          code: :out_of_range
        )
      end

      # Water in a storage tank lies between freezing and the relief valve's 210 °F (99 °C).
      def limits(temperature, field)
        return if temperature.si.between?(273.15, 372.15)

        raise Error.new(
          Message.of("{field} must be between 32 °F (0 °C) and 210 °F (99 °C), where the relief " \
                     "valve opens; got {temperature}.",
                     field:, temperature: temperature.format(:us)),
          field:,
          code: :out_of_range
        )
      end

      def positive(quantity, field)
        return if quantity.si.positive?

        raise Error.new(Message.of("{field} must be more than nothing.",
                                   field:), field:, code: :out_of_range)
      end

      # A share of a whole.
      def share(number, field)
        return if number.si <= 1

        raise Error.new(Message.of("{field} must be at most 1 (100 %).",
                                   field:), field:, code: :out_of_range)
      end

      # A tank that a power heats from cold to hot, by inputs of those names.
      def heating(inputs)
        %i[volume power efficiency].each { |field| positive(inputs[field], field) }
        share(inputs[:efficiency], :efficiency)
        check(inputs[:cold], inputs[:hot])
      end

      # What loses heat to a room is warmer than that.
      def warmer(warm, room, field)
        return if warm.si > room.si

        raise Error.new(Message.of("{field} must be warmer than the room.",
                                   field:), field:, code: :out_of_range)
      end

      # A supply must be below the pressure it is compared with.
      def below(low, high, field, name)
        return if low.si < high.si

        raise Error.new(
          Message.of("{field} must be below the {name} of {high}; got {low}.",
                     field:, name:, high: high.format(:us), low: low.format(:us)),
          field:,
          code: :out_of_range
        )
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    # What a form for a heater is made of: fields, units, choices.
    module HeaterForm
      module_function

      def fields(units = :us)
        heater = Heater::Installation
        { quantities: heater::QUANTITIES.map { |name, kind| { name:, unit: Measure::Kind[kind].unit(units).label } },
          words: heater::WORDS, texts: heater::TEXTS }
      end
    end
  end
end

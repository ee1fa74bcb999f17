# frozen_string_literal: true

module Munimen
  module Web
    # What a form for a heater is made of: fields, units, choices, and the kinds that have each field.
    module HeaterForm
      module_function

      def fields(units = :us)
        form = Heater::Fields
        { quantities: form::QUANTITIES.map { |name, kind| { name:, unit: Measure::Kind[kind].unit(units).label, kinds: kinds(name) } },
          words: form::WORDS.map { |name, choices| { name:, choices:, kinds: kinds(name) } }, texts: form::TEXTS }
      end

      def kinds(name) = Heater::Fields::KINDS.select { |kind| Heater::Fields.of?(kind, name) }
      private_class_method :kinds
    end
  end
end

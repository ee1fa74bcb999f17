# frozen_string_literal: true

module Munimen
  class Visit
    # Turns what a person typed for a reading into a Reading: the name must be known, the value a
    # quantity of its kind (a bare number in the site's unit) or one of its words.
    module ReadingInput
      # Readings that no operation asks for, but that explain others.
      EXTRA = {
        cold_temperature: :temperature,
        mains_pressure: :pressure,
        night_rise: :pressure
      }.freeze

      module_function

      # name => Work::Operation::Read
      def known
        @known ||=
          Work::Operation
            .all
            .flat_map(&:reads)
            .to_h { |read| [read.name, read] }
            .merge(
              EXTRA.to_h do |name, kind|
                [
                  name,
                  Work::Operation::Read.new(name:, kind:, ask: name.to_s.tr("_", " ").capitalize)
                ]
              end
            )
      end

      # The name of a reading of a part, where the same is read of several; of: nil for the usual.
      def key(name, of) = Work::Operation.reading(name, of)

      # {name:, of:} of such a name; of: only where it says a part.
      def parted(key)
        name, of = key.to_s.split(".", 2)
        { name:, of: }.compact
      end

      # Names of the readings that tell a fact of the heater: {name => field}.
      def facts = @facts ||= known.transform_values(&:fact).compact

      # Readings that are only asked because of another: {name => {reading => word}}.
      def hanging
        @hanging ||= known.transform_values(&:only_if).compact
      end

      # of: the part, where the name does not say it already.
      def read(name, value, units:, of: nil, **rest)
        name = key(name, of)
        declared = known[name.to_s.to_sym] or
          raise Error.new(
            Message.of("There is no reading “{name}”; there are: {known}.",
                       name:, known: known.keys.sort.join(", ")),
            field: :name,
            code: :unknown_choice
          )
        base = { name: declared.name, typed: value.to_s, **rest }
        return Visit::Reading.new(choice: word(declared, value), **base) if declared.kind == :choice

        Visit::Reading.new(quantity: quantity(declared, value, units), **base)
      end

      # A gauge on a water system cannot stand below zero.
      def quantity(declared, value, units)
        value = share(value) if declared.name == :anode_remaining
        read = Measure::Quantity.parse(value, declared.kind, system: units, field: declared.name)
        return read unless declared.kind == :pressure && read.si.negative?

        raise Error.new(
          Message.of("“{value}” is below zero; a {quantity} is at least 0 {label}.",
                     value:, quantity: declared.name.to_s.tr("_", " "),
                     label: read.kind.unit(units).label),
          field: declared.name,
          code: :out_of_range
        )
      end

      # What is left of an anode, as people say it: 25, "25 %" or 0.25.
      def share(value)
        text = value.to_s.strip
        number = Float(text.delete_suffix("%").strip, exception: false)
        number && (number > 1 || text.end_with?("%")) ? (number / 100).to_s : value
      end

      def word(declared, value)
        declared.choices.find { |choice| choice.to_s == value.to_s } or
          raise Error.one_of(declared.choices, field: declared.name, given: value)
      end
    end
  end
end

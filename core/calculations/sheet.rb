# frozen_string_literal: true

module Munimen
  module Calculations
    # What a calculation wants and gives, for people and programs: inputs with units and defaults,
    # outputs, sources.
    class Sheet
      def initialize(calculation, units)
        @calculation = calculation
        @units = units
      end

      def to_h
        {
          id: @calculation.id,
          title: @calculation.title,
          systems: @calculation.systems,
          called:,
          inputs: @calculation.inputs.map { |input| input_row(input) },
          outputs:
            @calculation.outputs.map do |output|
              { name: output.name, unit: unit_of(output), note: output.note }
            end,
          sources: @calculation.sources.map(&:to_h)
        }
      end

      private

      # What inputs, choices and outputs are called: {name => text}.
      def called
        names = @calculation.inputs.flat_map { |one| [one.name, *one.choices] } +
                @calculation.outputs.map(&:name)
        names.uniq.to_h { |name| [name, name.to_s.tr("_", " ").capitalize] }
      end

      def input_row(input)
        default = case input.default
                  when Proc then "from the other inputs"
                  when Hash then Measure::System.pick(input.default, @units, input.kind)
                  else input.default
                  end
        {
          name: input.name,
          unit: input.unit_symbol(@units),
          choices: input.choices,
          columns: Lists::NAMES[input.kind],
          default:,
          optional: input.optional || false,
          note: input.note
        }
      end

      def unit_of(output)
        return output.unit if output.unit
        return if %i[word list quantity record].include?(output.kind)

        Measure::Kind[output.kind].unit(@units).symbol
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Calculations
    # What a calculation gave: `outputs` by name, numbers in SI, words and lists as they stand.
    class Result
      attr_reader :calculation, :inputs, :outputs, :units

      def initialize(calculation:, inputs:, outputs:, units:)
        @calculation = calculation
        @inputs = inputs
        @outputs = outputs
        @units = units
      end

      # Output by name as a Quantity, or as it stands when it is a word, a list or nothing.
      def [](name)
        value = outputs.fetch(name)
        declared = calculation.outputs.find { |output| output.name == name }
        value.is_a?(Numeric) ? Measure::Quantity.new(declared.kind, value) : value
      end

      # The open form: {calculation, inputs, outputs, verdict, sources}, in the units asked for.
      def to_h
        {
          calculation: calculation.id,
          inputs: inputs.compact.to_h { |name, value| [name, given(name, value)] },
          outputs: calculation.outputs.to_h { |output| [output.name, output_value(output)] },
          verdict: outputs[:judged]&.to_h&.slice(:state, :because),
          sources: calculation.sources.map(&:to_h)
        }
      end

      private

      # An input as it was given: a list as rows of named cells.
      def given(name, value)
        kind = calculation.inputs.find { |one| one.name == name }&.kind
        value.is_a?(Array) ? Lists.rows(kind, value) : plain(value)
      end

      def output_value(output)
        value = outputs.fetch(output.name)
        case value
        when Numeric
          in_unit(Measure::Quantity.new(output.kind, value), output.unit)
        when Array
          value.map do |row|
            row.transform_values do |cell|
              cell.is_a?(Measure::Quantity) ? plain(cell)[:value] : cell
            end
          end
        else
          value
        end
      end

      def in_unit(quantity, unit)
        unit ||= quantity.kind.unit(units).symbol
        { value: quantity.told(unit), unit: }
      end

      def plain(value)
        case value
        when Measure::Quantity then in_unit(value, nil)
        when Symbol then value.to_s
        else value
        end
      end
    end
  end
end

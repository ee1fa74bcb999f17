# frozen_string_literal: true

module Munimen
  module Cli
    # bin/munimen calc: lists, describes or works out a calculation.
    class CalcCommand
      SYSTEMS = [*Measure::System.names.map(&:to_s), "si"].freeze

      def initialize(output)
        @output = output
      end

      # Raises Error on wrong input.
      def run(arguments)
        options, inputs = split(arguments)
        id = inputs.shift
        return list unless id

        calculation = Calculations::Calculation[id]
        return describe(calculation, options[:units]) if inputs.empty?

        result = calculation.call(pairs(inputs), units: options[:units])
        options[:json] ? @output.puts(JSON.pretty_generate(result.to_h)) : print_result(result)
      end

      private

      def split(arguments)
        options = { units: :us, json: false }
        rest = arguments.dup
        options[:json] = true if rest.delete("--json")
        if (at = rest.index("--units"))
          _, system = rest.slice!(at, 2)
          unless SYSTEMS.include?(system)
            raise Error.new(
              "--units must be one of: #{SYSTEMS.join(", ")}; got “#{system}”.",
              field: :units,
              code: :unknown_choice
            )
          end

          options[:units] = system.to_sym
        end
        [options, rest]
      end

      def pairs(inputs)
        inputs.to_h do |text|
          name, value = text.split("=", 2)
          unless value
            raise Error.new(
              "Write inputs as name=value; got “#{text}”.",
              field: name,
              code: :not_a_pair
            )
          end

          [name, value.start_with?("[") ? JSON.parse(value) : value]
        rescue JSON::ParserError
          raise Error.new("#{name} is not a JSON list.", field: name, code: :not_json)
        end
      end

      def list
        Calculations::Calculation.all.each do |calculation|
          @output.puts "#{calculation.id.to_s.ljust(22)} #{calculation.title}"
        end
      end

      def describe(calculation, units)
        sheet = Calculations::Sheet.new(calculation, units).to_h
        @output.puts "#{sheet[:id]}: #{sheet[:title]}", "inputs:"
        sheet[:inputs].each do |input|
          extra = [
            input[:choices]&.join("|"),
            input[:default] && "default #{input[:default]}",
            input[:note]
          ].compact.join("; ")
          name, unit = input.values_at(:name, :unit).map(&:to_s)
          @output.puts "  #{name.ljust(20)} #{unit.ljust(10)} #{extra}".rstrip
        end
        @output.puts "outputs:"
        sheet[:outputs].each do |output|
          @output.puts "  #{output[:name].to_s.ljust(20)} #{output[:unit].to_s.ljust(10)} " \
                       "#{output[:note]}".rstrip
        end
        @output.puts "sources:"
        calculation.sources.each { |source| @output.puts "  #{source}" }
      end

      def print_result(result)
        result.to_h[:outputs].each do |name, value|
          text =
            if value.is_a?(Hash) && value.key?(:value)
              "#{value[:value].is_a?(Float) ? value[:value].round(4) : value[:value]} " \
                "#{value[:unit].to_s.delete_prefix("1")}"
            elsif value.is_a?(Hash)
              value.map { |key, one| "#{key} #{one || "–"}" }.join(", ")
            else
              value
            end
          @output.puts "#{name.to_s.ljust(20)} " \
                       "#{text.is_a?(Array) ? "#{text.size} rows; see --json" : text}"
        end
      end
    end
  end
end

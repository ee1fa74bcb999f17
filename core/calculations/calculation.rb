# frozen_string_literal: true

module Munimen
  module Calculations
    # One calculation with declared inputs and outputs; the command line, the API, the screens
    # and the verdicts all call the same object. Each is one file in core/calculations/.
    #
    #   inputs = { volume: "50 gal", power: "4500 W", cold: "50", hot: "120" }
    #   Calculations::Calculation[:heat_up].call(inputs, units: :us)
    #     .outputs[:time].in("min") # => 114.…
    class Calculation
      include Saying

      # Input kinds that are not quantities: :word (one of `choices`), :text, :unit, :quantity
      # (any kind), and those that Lists reads.
      TEXTS = %i[word text unit quantity].freeze
      Input =
        Struct.new(:name, :kind, :default, :choices, :optional, :unit, :note, keyword_init: true) do
          # Symbol of the unit a bare number is taken in, or nil for words and lists.
          def unit_symbol(units)
            return if TEXTS.include?(kind) || Lists::KINDS.include?(kind)

            (unit && Measure::System.pick(unit, units, kind)) || Measure::Kind[kind].unit(units).symbol
          end
        end
      Output = Struct.new(:name, :kind, :unit, :note, keyword_init: true)

      @all = {}
      class << self
        def define(id, &block)
          @all[id] = new(id).tap { |calculation| calculation.instance_eval(&block) }
        end

        # The calculation of an id; NotFound with the ids there are.
        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(
              Message.of("There is no calculation “{id}”; there are: {known}.",
                         id:, known: @all.keys.sort.join(", ")),
              field: :calculation
            )
          end
        end

        def all = @all.values.sort_by(&:id)
      end

      attr_reader :id, :inputs, :outputs, :sources

      def initialize(id)
        @id = id
        @inputs = []
        @outputs = []
        @sources = []
      end

      # -- declaration --------------------
      def title(text = nil) = text ? @title = text : @title

      # The systems of units whose rules it follows; all of them unless said otherwise.
      def systems(*ids) = ids.empty? ? @systems || [*Measure::System.names, :si] : @systems = ids

      # A quantity of `kind`. `default:` is text in any unit, one for each system of units, or a
      # Proc of the inputs so far; `unit:` names the unit of a bare number per system where it is
      # not the kind's own.
      def input(name, kind, default: nil, optional: false, unit: nil, note: nil)
        @inputs << Input.new(
          name:,
          kind:,
          default:,
          optional: optional || !default.nil?,
          unit:,
          note:
        )
      end

      def choice(name, choices, default: nil, note: nil)
        @inputs << Input.new(name:, kind: :word, choices:, default:, optional: !default.nil?, note:)
      end

      def output(name, kind, unit: nil, note: nil)
        @outputs << Output.new(name:, kind:, unit:, note:)
      end

      def source(*sources) = @sources.concat(sources)
      def compute(&block) = @compute = block

      # -- use --------------------
      # Result for inputs given as text, numbers or Quantities. Raises Error naming the field.
      def call(given, units: :us)
        given = given.transform_keys(&:to_sym)
        unknown = given.keys - inputs.map(&:name)
        unless unknown.empty?
          raise Error.new(
            Message.of("{id} has no input “{unknown}”; it has: {known}.",
                       id:, unknown: unknown.first, known: inputs.map(&:name).join(", ")),
            field: unknown.first,
            code: :unknown_input
          )
        end
        unless systems.include?(units)
          raise Error.new(
            Message.of("{id} follows rules of one country: it is worked out in units {known} only.",
                       id:, known: systems.join(", ")),
            field: :units,
            code: :unknown_choice
          )
        end

        values = read(given, units)
        Result.new(calculation: self, inputs: values, outputs: @compute.call(values, units), units:)
      end

      private

      def read(given, units)
        inputs.each_with_object({}) do |input, values|
          text = given[input.name]
          if (text.respond_to?(:empty?) && text.empty?) ||
             (input.optional && input.unit_symbol(units) && text.to_s.strip.casecmp?("none"))
            text = nil
          end
          values[input.name] = (
            if text.nil?
              default_of(input, values, units)
            else
              value_of(input, text, units)
            end
          )
        end
      end

      def default_of(input, values, units)
        default = case input.default
                  when Proc then input.default.call(values)
                  when Hash then Measure::System.pick(input.default, units, input.kind)
                  else input.default
                  end
        return value_of(input, default, units) unless default.nil?
        return if input.optional

        raise Error.new(
          Message.of("{input} is missing; {wanted}.",
                     input: input.name, wanted: wanted(input, units)),
          field: input.name,
          code: :missing
        )
      end

      def value_of(input, text, units)
        return text if text.is_a?(Measure::Quantity) && text.kind.id == input.kind

        case input.kind
        when :word
          word(input, text)
        when :text, :unit, :quantity
          text.to_s
        when *Lists::KINDS
          Lists.read(input.kind, text, input.name)
        else
          Measure::Quantity.parse(
            text,
            input.kind,
            system: units,
            unit: input.unit_symbol(units),
            field: input.name
          )
        end
      end

      def word(input, text)
        found = input.choices.find do |choice|
          choice.to_s == text.to_s.strip.downcase.delete_suffix(" in").delete_suffix('"')
        end
        return found if found

        raise Error.one_of(input.choices, field: input.name, given: text)
      end

      def wanted(input, units)
        return Message.of("one of: {known}", known: input.choices.join(", ")) if input.choices
        return "give it as text" unless (unit = input.unit_symbol(units))

        Message.of("give it in {unit} or with its unit", unit: Measure::Unit[unit].label)
      end
    end
  end
end

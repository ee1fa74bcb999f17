# frozen_string_literal: true

module Munimen
  module Measure
    # An amount of one kind, held in SI, immutable. `typed` keeps what the person wrote.
    #
    #   q = Quantity.parse("3.6 bar", :pressure, system: :us)
    #   q.in("psi").round(1)  # => 52.2
    #   q.format(:us)         # => "52 psi"
    #   q.typed               # => "3.6 bar"
    class Quantity
      include Comparable

      NUMBER =
        %r{[-+]?(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+\s+\d+/\d+|\d+/\d+|\d*\.?\d+(?:e[-+]?\d+)?)}i
      WRITTEN = /\A\s*(#{NUMBER})(?![\d,.])\s*(.*?)\s*\z/
      FEET_INCHES = /\A\s*(\d+(?:\.\d+)?)\s*(?:ft|'|′)\s*(#{NUMBER})\s*(?:in|"|″)?\s*\z/

      # What a meter shows, or a person says, of a circuit that is open.
      OPEN = /\A\s*(?:o\.?l\.?|open|inf(?:inite|inity)?|∞)\s*\z/i

      attr_reader :kind, :si, :typed

      LONGEST = 100 # characters that somebody types for a quantity

      def initialize(kind, si_value, typed: nil)
        @kind = kind.is_a?(Kind) ? kind : Kind[kind]
        @si = Float(si_value)
        @typed = typed
        freeze
      end

      NO_UNIT = "“{spelling}” is not a unit known here; write a {quantity} in {label} or one of: " \
                "{known}."
      OTHER_UNIT = "“{spelling}” is a unit of {other}; write a {quantity} in {label} or one of: " \
                   "{known}."
      private_constant :NO_UNIT, :OTHER_UNIT

      class << self
        # A quantity from a number in a unit: of(60, "psi", :pressure).
        def of(value, unit, kind) = new(kind, Unit[unit].to_si(value))

        # A quantity from what a person typed; a bare number is read in the unit given, or else in
        # the system's unit. Raises Error with the field and what would be right.
        def parse(text, kind, system: :us, unit: nil, field: kind)
          kind = Kind[kind] unless kind.is_a?(Kind)
          default = unit ? Unit[unit] : kind.unit(system)
          raise unreadable(text, kind, default, field) if text.to_s.size > LONGEST

          number, spelling = split(text.to_s, kind)
          if number.nil? && kind.dimension == :resistance && OPEN.match?(text.to_s)
            return new(kind, kind.range.end, typed: text.to_s.strip)
          end
          raise unreadable(text, kind, default, field) unless number

          bare = spelling.empty? && !unit
          if bare && System.unclear?(system, kind.id, number)
            raise unclear(text, kind, system, field)
          end

          unit = spelling.empty? ? default : find_unit(spelling, kind, default, field)
          value = unit.to_si(number)
          unless value.finite? && kind.range.cover?(value)
            raise out_of_range(text, kind, unit, field)
          end

          new(kind, value, typed: text.to_s.strip)
        end

        private

        def split(text, kind)
          if kind.dimension == :length && (match = FEET_INCHES.match(text))
            return [(to_number(match[1]) * 12) + to_number(match[2]), "in"]
          end

          match = WRITTEN.match(text)
          match && [to_number(match[1]), match[2]]
        end

        def to_number(text)
          text = text.delete(",").strip
          whole, fraction = text.split(/\s+/, 2)
          return Float(whole) + to_number(fraction) if fraction
          return Float(Rational(text)) if text.include?("/")

          Float(text.sub(/\A([-+]?)\./, '\10.'))
        rescue ZeroDivisionError
          Float::NAN
        end

        # "F" and "C" after a temperature difference mean degrees of difference.
        def find_unit(spelling, kind, default, field)
          unit = Unit.find(spelling)
          if kind.dimension == :temperature_difference && unit&.dimension == :temperature
            unit = unit.symbol == "degF" ? Unit["deltaF"] : Unit["K"]
          end
          return unit if unit && unit.dimension == kind.dimension

          known = Unit.of(kind.dimension).map(&:label).join(", ")
          raise Error.new(
            Message.of(unit ? OTHER_UNIT : NO_UNIT, spelling: Typed.new(spelling.to_s),
                                                    other: unit&.dimension.to_s.tr("_", " "),
                                                    quantity: name(kind), label: default.label,
                                                    known:),
            field:, code: :wrong_unit
          )
        end

        # Of which system a bare number is cannot be told.
        def unclear(text, kind, system, field)
          units = [kind.unit(System.like(system)), kind.unit(system)].map(&:label)
          Error.new(
            Message.of("“{text}” may be {one} or {other}: write the unit, such as {text} {one}.",
                       text: Typed.new(text.to_s.strip), one: units.first, other: units.last),
            field:,
            code: :unit_wanted
          )
        end

        def unreadable(text, kind, default, field)
          hint = "Write the decimal with a point, not a comma." if text.to_s.match?(/\d,\d/)
          said = Message.of("“{text}” is not a {quantity}; type a number in {label}, or a number " \
                            "with its unit.",
                            text: Typed.new(text.to_s[0, 40]), quantity: name(kind),
                            label: default.label)
          Error.new(
            Message.join([said, hint]),
            field:,
            code: :not_a_number
          )
        end

        # unit: that was typed, or the usual one: the limits are told in it.
        def out_of_range(text, kind, unit, field)
          low, high = [kind.range.begin, kind.range.end].map do |limit|
            limit.infinite? ? nil : unit.from_si(limit).round(kind.places(unit))
          end
          Error.new(
            Message.of("“{text}” cannot be a {quantity} here; it must be {bounds}.",
                       text: Typed.new(text.to_s), quantity: name(kind),
                       bounds: bounds(low, high, unit.label)),
            field:,
            code: :out_of_range
          )
        end

        def bounds(low, high, unit)
          low, high = [low, high].map { |one| one && "#{one} #{unit}".strip }
          if low && high then Message.of("at least {low} and at most {high}", low:, high:)
          elsif low then Message.of("at least {low}", low:)
          elsif high then Message.of("at most {high}", high:)
          else "a finite number"
          end
        end

        def name(kind) = kind.id.to_s.tr("_", " ")
      end

      # The number in a unit of the same dimension.
      def in(unit)
        unit = Unit[unit] unless unit.is_a?(Unit)
        if unit.dimension != kind.dimension
          raise Error.new(Message.of("{symbol} is not a unit of {id}",
                                     symbol: unit.symbol, id: kind.id), code: :wrong_unit)
        end

        unit.from_si(si)
      end

      # The number in a unit as a machine is told it: ten significant digits, so that 95 is not
      # 94.99999999999999.
      def told(unit)
        number = self.in(unit)
        return number if number.zero? || !number.finite?

        number.round(9 - Math.log10(number.abs).floor).to_f
      end

      # Text in the system's unit: "52 psi". Pass `unit:` to choose another one of the kind.
      def format(system, unit: nil)
        unit = unit ? Unit[unit] : kind.unit(system)
        number = self.in(unit)
        places = kind.places(unit)
        text = Kernel.format("%.#{places}f", number.round(places) + 0.0)
        text = text.sub(/\.?0+\z/, "") if places.positive?
        if places.zero? && number.abs >= 10_000
          text = text.reverse.scan(/\d{1,3}/).join(",").reverse
        end
        "#{text} #{unit.label}".strip
      end

      # "26 gal": what is only reckoned, with as many figures as it bears.
      def about(system, figures: 2)
        unit = kind.unit(system)
        number = self.in(unit)
        return format(system) if number.zero?

        self.class.of(number.round(figures - 1 - Math.log10(number.abs).floor), unit.symbol,
                      kind.id).format(system)
      end

      def +(other) = with(si + same(other).si)
      def -(other) = with(si - same(other).si)
      def <=>(other) = other.is_a?(Quantity) && other.kind.id == kind.id ? si <=> other.si : nil
      def hash = [kind.id, si].hash
      def eql?(other) = other.is_a?(Quantity) && kind.id == other.kind.id && si == other.si

      private

      def with(value) = self.class.new(kind, value)

      def same(other)
        return other if other.is_a?(Quantity) && other.kind.id == kind.id

        raise Error.new(Message.of("a {id} and a {id2} cannot be added",
                                   id: kind.id, id2: other.kind.id), code: :wrong_kind)
      end
    end
  end
end

# frozen_string_literal: true

Munimen::Calculations::Calculation.define :convert do
  title "A value in another unit of the same kind"
  input :value, :quantity, note: "a number with its unit, such as “52 psi”"
  input :to, :unit, note: "a unit, such as bar"
  output :value, :quantity
  source Munimen::Source.published("NIST SP 811", "appendix B")

  compute do |i|
    to = Munimen::Measure::Unit.find(i[:to]) or
      raise Munimen::Error.new(
        Munimen::Message.of("“{to}” is not a unit known here.", to: i[:to]),
        field: :to,
        code: :wrong_unit
      )
    number, spelling =
      i[:value].match(%r{\A\s*([-+]?[\d.,\s/]*(?:\d|\.)(?:e[-+]?\d+)?)\s*(.*)\z}i)&.captures
    from = spelling && Munimen::Measure::Unit.find(spelling)
    if from.nil? || spelling.empty?
      raise Munimen::Error.new(
        Munimen::Message.of("“{value}” must be a number with its unit, such as “52 psi”.",
                            value: i[:value]),
        field: :value,
        code: :wrong_unit
      )
    end
    kind = Munimen::Measure::Kind.all.find { |k| k.dimension == from.dimension } or
      raise Munimen::Error.new(
        Munimen::Message.of("{symbol} cannot be converted here.", symbol: from.symbol),
        field: :value,
        code: :wrong_unit
      )
    number = Munimen::Measure::Quantity.parse("#{number} #{spelling}", kind, field: :value)
    if to.dimension != from.dimension
      raise Munimen::Error.new(
        Munimen::Message.of("{to} is a unit of {kind}, {from} one of {other_kind}.",
                            to: to.symbol, kind: to.dimension.to_s.tr("_", " "),
                            from: from.symbol, other_kind: from.dimension.to_s.tr("_", " ")),
        field: :to,
        code: :wrong_unit
      )
    end
    { value: { value: number.in(to), unit: to.symbol } }
  end
end

# frozen_string_literal: true

module Munimen
  module Costing
    # An amount of money in the smallest unit of its currency, so that sums are exact.
    #
    #   Money.parse("$1,184.50", "USD").to_s # => "$1,184.50"
    Money = Struct.new(:amount, :currency) do
      # Signs by currency; of each a hundred of the smallest make one.
      const_set(:SIGNS, { "USD" => "$", "CAD" => "$", "GBP" => "£" }.freeze)
      const_set(:PLAIN, /\A(?:USD|CAD|GBP|[$£])?\s*(\d{1,7}|\d{1,3}(?:,\d{3})+)(?:\.(\d{1,2}))?\z/)

      # Money of what was typed, or nil where that is no plain amount (“from $40”, “48,00”).
      def self.parse(text, currency)
        whole, parts = text.to_s.strip.match(self::PLAIN)&.captures
        whole && new((whole.delete(",").to_i * 100) + parts.to_s.ljust(2, "0").to_i, currency)
      end

      # As it is written in a field: 1184.50.
      def plain = format("%<whole>d.%<parts>02d", whole: amount / 100, parts: amount % 100)

      def to_s
        whole, parts = plain.split(".")
        "#{self.class::SIGNS.fetch(currency)}#{whole.gsub(/(?<=\d)(?=(\d{3})+\z)/, ",")}.#{parts}"
      end
    end
  end
end

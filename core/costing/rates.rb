# frozen_string_literal: true

module Munimen
  module Costing
    # What a firm asks for its work: amounts in the smallest unit of its currency, without tax.
    #
    #   Rates.of("currency" => "USD", "per_hour" => 9_500, "tax" => "8.25").labour(50) # => 9_500
    class Rates
      # Minutes that are charged whole, where nothing else is said.
      STEP = 15
      PERCENT = /\A\d{1,2}(\.\d{1,3})?\z/

      # settings: {currency, per_hour, call_out, tax: percent as text, step: minutes} or nil, which
      # gives nil.
      def self.of(settings)
        given = settings&.transform_keys(&:to_sym)
        given && new(**given)
      end

      # Raises Error naming what is wrong.
      def self.percent!(text)
        return text if text.to_s.match?(PERCENT)

        raise Error.new("tax must be a percentage such as 8.25, or 0.", field: :tax,
                                                                        code: :out_of_range)
      end

      attr_reader :currency, :per_hour, :call_out, :tax, :step

      def initialize(currency:, per_hour:, call_out: 0, tax: "0", step: STEP)
        @currency = currency
        @per_hour = per_hour
        @call_out = call_out
        @tax = tax
        @step = step
        freeze
      end

      # Of so many minutes, each step begun being charged.
      def labour(minutes) = half_up(Rational(charged(minutes) * per_hour, 60))
      def charged(minutes) = minutes.fdiv(step).ceil * step
      # The tax on an amount.
      def tax_on(amount) = half_up(amount * tax.to_r / 100)

      def money(amount) = Money.new(amount, currency)
      def to_h = { currency:, per_hour:, call_out:, tax:, step: }

      private

      def half_up(amount) = amount.round(half: :up)
    end
  end
end

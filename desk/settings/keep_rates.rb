# frozen_string_literal: true

module Munimen
  module Desk
    # What the firm asks for its work: an hour, the way there, tax; as the estimates at a heater
    # reckon with it.
    class KeepRates
      CURRENCIES = { us: "USD", canada: "CAD", england: "GBP" }.freeze
      AMOUNTS = %i[per_hour call_out].freeze
      MOST = 1_000_000 # of the smallest unit
      STEPS = (1..60)

      def initialize(context) = @context = context

      # {set:, currency:, per_hour:, call_out:, tax:, step:}: amounts and tax as they are typed.
      def show
        kept = Costing::Rates.of(settings[:rates])
        return { set: false, **nothing } unless kept

        amounts = AMOUNTS.to_h do |name|
          [name, kept.money(kept.public_send(name)).plain]
        end
        { set: true, currency: kept.currency, **amounts, tax: kept.tax, step: kept.step }
      end

      # per_hour, call_out: amounts as typed, without tax; tax: percent as typed; step: minutes that
      # are charged whole; currency: as the rulebook's country has it, where it is not given.
      # Without per_hour nothing is reckoned any more. Raises Error naming what is wrong.
      def call(per_hour:, call_out: nil, tax: nil, step: nil, currency: nil)
        @context.may!(:house_rules)
        currency = currency!(currency || country)
        kept = { currency:, per_hour: amount(per_hour, :per_hour, currency),
                 call_out: amount(call_out, :call_out, currency), tax: percent(tax),
                 step: step!(step || Costing::Rates::STEP) }
        settings[:rates] = (kept unless per_hour.to_s.strip.empty?)
        show
      end

      private

      def settings = @context.records.settings
      def country = CURRENCIES.fetch(settings.units, "USD")

      def nothing
        { currency: country, per_hour: "", call_out: "", tax: "", step: Costing::Rates::STEP }
      end

      def currency!(given)
        return given if CURRENCIES.value?(given)

        raise Error.one_of(CURRENCIES.values, field: :currency)
      end

      def amount(text, field, currency)
        return 0 if text.to_s.strip.empty?

        found = Costing::Money.parse(text, currency)&.amount
        return found if found && found <= MOST

        raise Error.new(Message.of("{field} must be an amount such as 95.00.",
                                   field:), field:, code: :bad_number)
      end

      def percent(text)
        text = text.to_s.strip
        Costing::Rates.percent!(text.empty? ? "0" : text)
      end

      def step!(minutes)
        return minutes if minutes.is_a?(Integer) && STEPS.cover?(minutes)

        raise Error.new(Message.of("step must be from {min} to {max} minutes.",
                                   min: STEPS.min, max: STEPS.max), field: :step,
                                                                               code: :out_of_range)
      end
    end
  end
end

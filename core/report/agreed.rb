# frozen_string_literal: true

module Munimen
  module Report
    # What the customer said of each finding, with what it costs, as their page has it. From the
    # answers alone, which keep what was shown.
    class Agreed
      include Saying

      WORDS = { "accepted" => "to be done", "declined" => "declined",
                "postponed" => "later" }.freeze
      WHOLE = "To be done, with {tax} % tax"
      PART = "To be done, with {tax} % tax, but for what has no price yet"
      ALONE = "the work alone, without parts"

      def initialize(visit)
        @words = visit.words
        @answers = Costing::Answers.new(visit)
      end

      # {lines: [{about:, title:, answer:, said:, supplied:, extent: what its sum leaves out,
      # minutes:, parts:, labour:, tax:, total:, amounts: {…} in the smallest unit}], call_out:,
      # total: of what was accepted, total_text:, amount:, currency:, tax_percent:}, or nil where
      # nothing was answered. Amounts as text but for `amounts`.
      def to_h
        lines = @answers.standing
        return if lines.empty?

        accepted = lines.values.select { |line| line.answer == "accepted" }
        { lines: lines.map { |about, line| shown(about, line) }, **sums(accepted) }
      end

      private

      def sums(accepted)
        priced = accepted.select(&:priced?)
        rates = priced.first&.rates or return { call_out: nil, total: nil, total_text: nil }
        once = rates.call_out + rates.tax_on(rates.call_out)
        amount = priced.sum(&:total) + once
        { call_out: (rates.money(once).to_s if once.positive?),
          total: rates.money(amount).to_s, amount:, total_text: total_text(rates, accepted, priced),
          currency: rates.currency, tax_percent: rates.tax }
      end

      def total_text(rates, accepted, priced)
        @words.say(msg(priced.size < accepted.size ? PART : WHOLE, tax: rates.tax))
      end

      def shown((kind, id), line)
        { about: "#{kind}.#{id}", title: title(kind, id), answer: line.answer,
          said: WORDS.fetch(line.answer), checks: line.checks, supplied: line.part,
          **(line.priced? ? priced(line) : {}) }
      end

      def priced(line)
        { minutes: line.rates.charged(line.minutes), extent: (ALONE unless line.part_amount),
          parts: line.part_amount && line.money(line.part_amount).to_s,
          labour: line.money(line.labour).to_s, tax: line.money(line.tax).to_s,
          total: line.money(line.total).to_s,
          amounts: { net: line.net, tax: line.tax, total: line.total } }
      end

      def title(kind, id)
        @words.say(kind == "job" ? Work::Job[id].title : @answers.finding(id).text)
      end
    end
  end
end

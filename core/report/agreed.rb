# frozen_string_literal: true

module Munimen
  module Report
    # What the customer said of each finding, with what it costs, as their page has it. From the
    # answers alone, which keep what was shown.
    class Agreed
      WORDS = { "accepted" => "to be done", "declined" => "declined",
                "postponed" => "later" }.freeze

      # standing: ids of the findings that stand.
      def initialize(visit, standing)
        @visit = visit
        @words = visit.words
        @standing = standing
      end

      # {lines: [{about:, title:, answer:, said:, supplied:, minutes:, parts:, labour:, tax:,
      # total:, amounts: {…} in the smallest unit}], call_out:, total: of what was accepted,
      # currency:, tax_percent:}, or nil where nothing was answered. Amounts as text but for
      # `amounts`.
      def to_h
        return if lines.empty?

        accepted = lines.map(&:last).select { |line| line.answer == "accepted" && line.priced? }
        { lines: lines.map { |about, line| shown(about, line) }, **sums(accepted) }
      end

      private

      def lines
        @lines ||= @visit.decisions.estimates.transform_values { |text| Costing::Line.read(text) }
                         .select { |_, line| line.answered? && counts?(line) }.to_a
      end

      # What was accepted stays agreed; the rest is of no account once the finding is gone.
      def counts?(line) = line.answer == "accepted" || line.checks.intersect?(@standing)

      def sums(accepted)
        rates = accepted.first&.rates or return { call_out: nil, total: nil }
        once = rates.call_out.to_i
        once += rates.tax_on(once)
        total = accepted.sum(&:total) + once
        { call_out: (money(rates, once) if once.positive?), total: money(rates, total),
          amount: total, currency: rates.currency, tax_percent: rates.tax }
      end

      def shown((kind, id), line)
        { about: "#{kind}.#{id}", title: title(kind, id), answer: line.answer,
          said: WORDS.fetch(line.answer), checks: line.checks, supplied: line.part,
          **(line.priced? ? priced(line) : {}) }
      end

      def priced(line)
        rates = line.rates
        { minutes: rates.charged(line.minutes), parts: money(rates, line.part_amount.to_i),
          labour: money(rates, line.labour), tax: money(rates, line.tax),
          total: money(rates, line.total),
          amounts: { net: line.net, tax: line.tax, total: line.total } }
      end

      def title(kind, id)
        return @words.say(Work::Job[id].title) if kind == "job"

        Judgement::Judge.of(@visit).verdicts.find { |one| one.check.to_s == id }&.text || id
      end

      def money(rates, amount) = Costing::Money.new(amount, rates.currency).to_s
    end
  end
end

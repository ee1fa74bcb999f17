# frozen_string_literal: true

module Munimen
  module Judgement
    # The words in which a check speaks: makes verdicts from limits.
    class CheckContext
      include Saying

      def initialize(check, visit)
        @check = check
        @visit = visit
      end

      # The grade of a limit when a quantity passes it, else nil.
      def exceeds_limit(quantity, limit_id, text, **more)
        limit = @visit.rules.limit(limit_id)&.on(@visit.heater)
        return unless limit&.violated_by(quantity)

        finding(limit.grade, text, limit:, measured: quantity, **more)
      end

      # The grade of a peak at, or too near, this heater's first relief setting, else nil.
      def at_relief(peak, text)
        margin = @visit.rules.limit(:relief_margin)
        if peak > @visit.rules.limit(:hot_peak_at_relief).at_most
          return exceeds_limit(peak, :hot_peak_at_relief, text)
        end

        return unless peak.si > @visit.heater.first_relief_pressure.si - margin.at_least.si

        finding(margin.grade, text, limit: margin, measured: peak)
      end

      # The valve that opens first as pressure climbs.
      def first_relief
        Heater::Parts.term(@visit.heater.first_relief)
      end

      # between: the limit as a person reads it, where the rulebook's says only how far off.
      def sound(text, measured: nil, limit: nil, between: nil)
        verdict(:sound, [reason(text, measured, limit, between:)])
      end

      # "58 to 62 psi": a target, and how far off it may be.
      def around(target, tolerance)
        low, high = [target.si - tolerance.si, target.si + tolerance.si].map do |pascal|
          quantity([pascal, 0].max, target.kind.id).format(@visit.units)
        end
        msg("{low} to {high}", low: low.sub(/ \D+\z/, ""), high:)
      end

      def not_tested(text, measured: nil, source: nil)
        text = @visit.words.say(text)
        verdict(:not_tested, [Verdict::Because.new(text:, measured: say(measured), source:)])
      end

      def finding(grade, text, limit: nil, measured: nil, source: nil, between: nil, **more)
        defaults = (
          if limit
            { remedy: limit.remedy, due_in: limit.due_in, explain: limit.explain, who: limit.who }
          else
            {}
          end
        )
        verdict(grade, [reason(text, measured, limit, source, between:)], **defaults, **more)
      end

      def say(quantity)
        quantity.is_a?(Measure::Quantity) ? quantity.format(@visit.units) : quantity
      end

      # The verdict of a calculation as ours; a misreading stays untested. `more` goes with a
      # finding.
      def by_calculation(id, given, **more)
        judged = Calculations::Calculation[id].call(given, units: @visit.units).outputs[:judged] or
          return
        return verdict(judged.grade, judged.because) unless judged.finding?

        verdict(judged.grade, judged.because, due_in: judged.grade == :watch ? 365 : 0, **more)
      rescue Munimen::Error => e
        not_tested(e.message)
      end

      def quantity(value, kind) = Measure::Quantity.new(kind, value)
      def trade = Trade.of(:plumber, @visit)
      def unvented? = @visit.heater.unvented?

      private

      def reason(text, measured, limit, source = nil, between: nil)
        @limit = limit&.id
        Verdict::Because.new(
          text: @visit.words.say(text),
          measured: say(measured),
          limit: between || limit&.to_text(@visit.units),
          source: source || limit&.source
        )
      end

      def verdict(grade, because, **more)
        Verdict.new(
          check: @check.id,
          part: @check.part,
          grade:,
          because:,
          quantity: @check.used.first,
          limit: @limit,
          **more
        )
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Judgement
    # A check turns readings into a verdict by the rules in force. Each is one file in
    # core/judgement/checks/; a check is asked only when one of the readings that it uses is there.
    #
    #   Check.define :static_pressure, part: :house_main do
    #     uses :static_pressure
    #     judge { |visit| within(visit.quantity(:static_pressure), :static_pressure) }
    #   end
    class Check
      @all = {}
      class << self
        def define(id, part:, &block) = @all[id] = new(id, part).tap { |check| check.instance_eval(&block) }
        def all = @all.values
        def using(reading) = all.select { |check| check.used.include?(reading) }
      end

      attr_reader :id, :part, :used

      def initialize(id, part)
        @id = id
        @part = part
        @used = []
      end

      def uses(*names) = @used.concat(names)
      def judge(&block) = @judge = block

      # The Verdict on a visit, or nil when there is nothing to judge yet.
      def verdict(visit)
        return if used.none? { |name| visit.reading(name) }

        Bench.new(self, visit).instance_exec(visit, &@judge)
      end

      # The words in which a check speaks: makes verdicts from limits.
      class Bench
        def initialize(check, visit)
          @check = check
          @visit = visit
        end

        # The grade of a limit when a quantity passes it, else nil.
        def past(quantity, limit_id, text, **more)
          limit = @visit.rules.limit(limit_id)
          return unless limit&.passed_by(quantity)

          finding(limit.grade, text, limit:, measured: quantity, **more)
        end

        # The grade of a peak that comes within 10 psi of this heater's own relief setting, else nil.
        def at_relief(peak, text)
          limit = @visit.rules.limit(:hot_peak_at_relief)
          return past(peak, :hot_peak_at_relief, text) if peak > limit.at_most

          margin = Measure::Unit["psi"].to_si(10)
          finding(limit.grade, text, limit:, measured: peak) if peak.si > @visit.heater.relief_pressure.si - margin
        end

        def sound(text, measured: nil, limit: nil)
          verdict(:sound, [reason(text, measured, limit)])
        end

        def not_tested(text, measured: nil, source: nil) = verdict(:not_tested, [Verdict::Because.new(text:, measured: say(measured), source:)])

        def finding(grade, text, limit: nil, measured: nil, source: nil, **more)
          defaults = limit ? { remedy: limit.remedy, due_in: limit.due_in, explain: limit.explain, who: limit.who } : {}
          verdict(grade, [reason(text, measured, limit, source)], **defaults, **more)
        end

        def say(quantity) = quantity.is_a?(Measure::Quantity) ? quantity.format(@visit.units) : quantity

        private

        def reason(text, measured, limit, source = nil)
          Verdict::Because.new(text: @visit.words.say(text), measured: say(measured), limit: limit&.to_text(@visit.units),
                               source: source || limit&.source)
        end

        def verdict(state, because, **more)
          Verdict.new(check: @check.id, part: @check.part, state:, because:, quantity: @check.used.first, **more)
        end
      end
    end
  end
end

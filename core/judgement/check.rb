# frozen_string_literal: true

module Munimen
  module Judgement
    # A check turns readings into a verdict by the rules in force. Each is one file in
    # core/judgement/checks/; a check is asked only when one of the readings that it uses is there. One that
    # uses none judges what is installed.
    #
    #   Check.define :static_pressure, part: :house_main do
    #     uses :static_pressure
    #     judge { |visit| within(visit.quantity(:static_pressure), :static_pressure) }
    #   end
    class Check
      # What rates a relief valve, by rulebook.
      RELIEF_SOURCES = { us_irc: Source.published("ANSI Z21.22", "rating", clause: :from_memory), us_upc: Source.published("ANSI Z21.22", "rating", clause: :from_memory),
                         england_g3: Source.published("BS EN 1490", "rating", clause: :from_memory) }.freeze

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
        return if !used.empty? && used.none? { |name| visit.reading(name) }

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

        # The grade of a peak at, or too near, this heater's first relief setting, else nil.
        def at_relief(peak, text)
          margin = @visit.rules.limit(:relief_margin)
          return past(peak, :hot_peak_at_relief, text) if peak > @visit.rules.limit(:hot_peak_at_relief).at_most

          finding(margin.grade, text, limit: margin, measured: peak) if peak.si > @visit.heater.first_relief_pressure.si - margin.at_least.si
        end

        # The valve that opens first as pressure climbs.
        def first_relief = @visit.heater.expansion_relief == :no ? "{relief_valve}" : "{expansion_relief}"

        def sound(text, measured: nil, limit: nil)
          verdict(:sound, [reason(text, measured, limit)])
        end

        def not_tested(text, measured: nil, source: nil) = verdict(:not_tested, [Verdict::Because.new(text:, measured: say(measured), source:)])

        def finding(grade, text, limit: nil, measured: nil, source: nil, **more)
          defaults = limit ? { remedy: limit.remedy, due_in: limit.due_in, explain: limit.explain, who: limit.who } : {}
          verdict(grade, [reason(text, measured, limit, source)], **defaults, **more)
        end

        def say(quantity) = quantity.is_a?(Measure::Quantity) ? quantity.format(@visit.units) : quantity

        # The verdict of a calculation as ours; a misreading stays untested. `more` goes with a finding.
        def by_calculation(id, given, **more)
          judged = Calculation[id].call(given, units: @visit.units).outputs[:judged] or return
          return verdict(judged.state, judged.because) unless judged.finding?

          verdict(judged.state, judged.because, due_in: judged.state == :watch ? 365 : 0, **more)
        rescue Munimen::Error => e
          not_tested(e.message)
        end

        def quantity(value, kind) = Measure::Quantity.new(kind, value)
        def trade = Trade.of(:plumber, @visit)
        def unvented? = @visit.heater.unvented?

        private

        def reason(text, measured, limit, source = nil)
          @limit = limit&.id
          Verdict::Because.new(text: @visit.words.say(text), measured: say(measured), limit: limit&.to_text(@visit.units),
                               source: source || limit&.source)
        end

        def verdict(state, because, **more)
          Verdict.new(check: @check.id, part: @check.part, state:, because:, quantity: @check.used.first, limit: @limit, **more)
        end
      end
    end
  end
end

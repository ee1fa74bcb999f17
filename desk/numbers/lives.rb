# frozen_string_literal: true

module Munimen
  module Desk
    # How long parts last by the firm's own signed visits (Trends::Life), beside what its house
    # rules say.
    class Lives
      def initialize(context) = @context = context

      # [{id:, title:, since:, cases:, failed:, steps: [{years:, at_risk:, events:, share:, low:,
      # high:}] or nil where there are too few, rule: what the house rule says, or nil}]
      def call
        @context.may!(:numbers)
        Trends::Life.all.map { |life| told(life) }
      end

      private

      def told(life)
        cases = cases(life)
        drawn = Trends::Life.curve(cases)
        {
          id: life.id, title: words.say(life.title), since: words.say(Message.of(life.since)),
          cases: cases.size, failed: cases.count(&:last),
          longest: cases.map(&:first).max,
          steps: drawn&.map { |step| step(step) },
          rule: rule(life)
        }
      end

      def step(step)
        share, low, high = [step.share, step.low, step.high].map { |one| one&.round(3) }
        { years: step.time, at_risk: step.at_risk, events: step.events, share:, low:, high: }
      end

      def cases(life)
        outcomes = @context.records.outcomes
        tested = outcomes.tested(life.checks).group_by { |row| row[:heater_id] }
        done = outcomes.done(life.operations).group_by { |row| row[:heater_id] }
        installed = @context.records.heaters.installed(tested.keys)
        tested.flat_map do |heater, rows|
          life.cases(
            rows.map { |row| [Date.iso8601(row[:on]), row[:check], row[:states]] },
            (done[heater] || []).map { |row| [Date.iso8601(row[:on]), row[:operation]] },
            installed[heater]
          )
        end
      end

      def rule(life)
        id = life.question or return
        rules = Rules::EffectiveRules.new(@context.records.settings.code_profile,
                                          firm: @context.records.settings.house_rules)
        question = Rules::Question[id]
        { ask: words.say(question.ask),
          choice: words.say(question.options.fetch(rules.choice(id)).label) }
      end

      def words = @words ||= Words[@context.records.settings.units]
    end
  end
end

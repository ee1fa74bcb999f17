# frozen_string_literal: true

module Munimen
  module Judgement
    # What still stands in the way of signing a visit.
    class Closing
      Obstacle = Struct.new(:code, :text, :target, keyword_init: true)

      # plan: the plan for what is left; deficiencies: those that stand.
      def initialize(visit, plan, deficiencies)
        @visit = visit
        @plan = plan
        @deficiencies = deficiencies
      end

      def obstacles = open_steps + given_up + dangers + outcome

      private

      def open_steps
        return [] if left_off?

        @plan.steps.map do |step|
          Obstacle.new(
            code: :step_open,
            text:
              @visit.words.say(
                "“#{step.operation.title}” is neither done nor given up with a reason."
              ),
            target: step.operation.id
          )
        end
      end

      def given_up
        @plan.impossible.map do |left|
          Obstacle.new(
            code: :reason_missing,
            target: left.operation,
            text:
              @visit.words.say(
                "“#{Work::Operation[left.operation].title}” cannot be done: record it as not " \
                "tested. #{left.because}"
              )
          )
        end
      end

      def dangers
        @deficiencies.select { |verdict| verdict.grade == :danger }.flat_map do |verdict|
          %w[action told].filter_map do |what|
            next if @visit.decisions.about(:danger, verdict.check, what)

            asked = what == "action" ? "what was done on the spot" : "who was told"
            Obstacle.new(
              code: :danger_open,
              target: verdict.check,
              text: "Danger – #{verdict.text} Say #{asked}."
            )
          end
        end
      end

      def outcome
        chosen = @visit.decision(:outcome)
        proposed = Outcome.new(@visit, @deficiencies).proposed
        if chosen.nil? || chosen.to_sym == proposed ||
           !@visit.decision(:outcome_reason).to_s.strip.empty?
          return []
        end

        [
          Obstacle.new(
            code: :outcome_reason,
            target: :outcome,
            text: "The outcome differs from the one proposed: give the reason."
          )
        ]
      end

      # Left off, made safe: the plan of the day is broken off, with its reason.
      def left_off?
        @visit.decision(:outcome) == "left_off" &&
          !@visit.decision(:outcome_reason).to_s.strip.empty?
      end
    end
  end
end

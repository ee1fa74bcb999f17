# frozen_string_literal: true

module Munimen
  module Judgement
    # What still stands in the way of signing a visit.
    class Closing
      include Saying

      GIVEN_UP = "“{operation}” was given up, but the heater cannot be left without it: do it."
      NOT_DONE = "“{operation}” is neither done nor given up with a reason."

      Obstacle = Struct.new(:code, :text, :target, keyword_init: true)

      # plan: the plan for what is left; deficiencies: those that stand.
      def initialize(visit, plan, deficiencies)
        @visit = visit
        @plan = plan
        @deficiencies = deficiencies
      end

      def obstacles
        apart + contradictions + left_open + open_steps + leaving + given_up + dangers +
          situations + outcome
      end

      private

      # Nothing is signed over two accounts of the same thing.
      def apart
        @visit.unanswered.map do |one|
          text = msg("Two accounts of this visit differ: say which holds. {text}",
                     text: one.apart[:text])
          obstacle(:apart, one.id, text)
        end
      end

      def contradictions
        Contradiction.in(@visit).map do |one|
          obstacle(:contradiction, one.id, msg("{one} Take back the one that is wrong.",
                                               one: one.text))
        end
      end

      # What an earlier visit left open wants an answer of its own.
      def left_open
        Judge.of(@visit).still_open.unanswered.map do |one|
          text = msg("Open since {found_on}: {one} Say: put right, still there, or not looked at.",
                     found_on: one.found_on, one: one.text)
          obstacle(:left_open, one.check, text)
        end
      end

      def open_steps
        given_up = @visit.not_tested.map(&:operation)
        @plan.steps.map do |step|
          text = given_up.include?(step.operation.id) ? GIVEN_UP : NOT_DONE
          obstacle(:step_open, step.operation.id, msg(text, operation: step.operation.title))
        end
      end

      # However the day went, the heater is left in one of the ways to leave.
      def leaving
        return [] if @visit.left? || @plan.steps.any? { |step| step.operation.way_to_leave }

        text = "The {heater} has not been left yet: in service, made safe, or with the warning " \
               "given."
        [obstacle(:not_left, :leave_site, text)]
      end

      def given_up
        @plan.impossible.reject { |left| left.by == :danger }.map do |left|
          obstacle(
            :reason_missing,
            left.operation,
            msg("“{operation}” cannot be done: record it as not tested. {because}",
                operation: Work::Operation[left.operation].title, because: left.because)
          )
        end
      end

      def dangers
        @deficiencies.select { |verdict| verdict.grade == :danger }.flat_map do |verdict|
          %w[action told].filter_map do |what|
            next if @visit.decisions.about(:danger, verdict.check, what)

            asked = what == "action" ? "what was done on the spot" : "who was told"
            obstacle(:danger_open, verdict.check, msg("Danger – {verdict} Say {asked}.",
                                                      verdict: verdict.text, asked:))
          end
        end
      end

      # The category of each unsafe gas situation is for a person to say.
      def situations
        @deficiencies.filter_map do |verdict|
          categories = GasSituation.categories(verdict, @visit)
          next if categories.empty? || GasSituation.chosen(verdict, @visit)

          words = categories.map { |one| GasSituation::CATEGORIES.fetch(one).downcase }
          text = msg("Gas – {verdict} Say which: {first} or {words}.",
                     verdict: verdict.text, first: Message.join(words[..-2], ", "),
                     words: words.last)
          obstacle(:situation_open, verdict.check, text)
        end
      end

      def outcome
        chosen = @visit.decision(:outcome)&.to_sym or return []
        outcome = Outcome.new(@visit, @deficiencies)
        return contradiction(outcome) unless outcome.possible?(chosen)
        if chosen == outcome.proposed || !@visit.decision(:outcome_reason).to_s.strip.empty?
          return []
        end

        text = "The outcome differs from the one proposed: give the reason."
        [obstacle(:outcome_reason, :outcome, text)]
      end

      # What is signed is what the state of the heater says, whoever asks and whatever the reason.
      def contradiction(outcome)
        words = Outcome::WORDS
        text = msg("“{chosen}” is not how the {heater} stands: {proposed}. {because}",
                   chosen: words.fetch(@visit.decision(:outcome).to_sym),
                   proposed: words.fetch(outcome.proposed).downcase, because: outcome.because)
        [obstacle(:outcome_contradicts, :outcome, text)]
      end

      def obstacle(code, target, text)
        Obstacle.new(code:, target:, text: @visit.words.say(text))
      end
    end
  end
end

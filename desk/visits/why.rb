# frozen_string_literal: true

module Munimen
  module Desk
    # Why a verdict is what it is: what was measured, the limit, who set it (rulebook, firm, site,
    # visit), the source, and what the other schools say.
    class Why
      def initialize(context) = @context = context

      # {text:, measured:, limit:, source:, chain: [{level:, text:, source:}], schools: [{ask:,
      # options: [...]}]}
      def call(visit_id, check)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        verdict =
          Judgement::Judge.of(visit).verdicts.find { |one| one.check.to_s == check.to_s } or
          raise NotFound.new(Message.of("There is no verdict “{check}” in this visit.",
                                        check:), field: :check)
        reason = verdict.because.first
        questions = questions(verdict)
        {
          check: verdict.check,
          state: verdict.grade,
          text: visit.words.say(verdict.text),
          measured: reason.measured,
          limit: reason.limit,
          source: reason.source&.to_s,
          edition: Rules::Editions.of(reason.source),
          chain: chain(visit, verdict, questions),
          schools: questions.map { |question| school(visit, question) }
        }
      end

      private

      # House rules that decide this verdict, or could.
      def questions(verdict)
        Rules::Question.all.select do |question|
          question.id == verdict.question ||
            question.options.values.any? do |option|
              verdict.limit && option.limits.key?(verdict.limit)
            end
        end
      end

      def chain(visit, verdict, questions)
        book = visit.rules.book
        limit = verdict.limit && book[verdict.limit]
        [
          {
            level: "rulebook",
            text: Message.join([book.title, limit&.to_text(book.units)], ": "),
            source: (limit ? limit.source.to_s : book.edition)
          }
        ] +
          questions.flat_map do |question|
            visit
              .rules
              .chain(question.id)
              .drop(1)
              .map do |level, choice|
                {
                  level:,
                  text: visit.words.say(
                    Message.join([question.ask, question.options.fetch(choice).label])
                  ),
                  source: nil
                }
              end
          end
      end

      def school(visit, question)
        {
          question: question.id,
          ask: visit.words.say(question.ask),
          choice: visit.rules.choice(question.id),
          options:
            question.options.values.map do |option|
              {
                id: option.id,
                label: visit.words.say(option.label),
                reason: visit.words.say(Message.of(option.reason))
              }
            end
        }
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # What was written down in a visit and what it comes to, as plain data for the screen: readings,
    # verdicts, deficiencies, outcome, and the pictures that carry them.
    class JudgedView
      attr_reader :judge

      def initialize(context, visit)
        @context = context
        @visit = visit
        @judge = Judgement::Judge.of(visit)
      end

      def written
        corrected, standing = @visit.readings.partition(&:superseded)
        {
          readings: standing.to_h { |reading| [reading.name, reading(reading)] },
          corrected: corrected.map { |reading| reading(reading) },
          observations: @visit.observations.to_h { |seen| [seen.item, observation(seen)] },
          decisions: @visit.decisions.standing,
          **said
        }
      end

      # What was said, and what of it cannot both be true.
      def said
        view = AnswersView.new(@context, @visit)
        { answers: view.list, struck: view.struck, contradictions: view.contradictions }
      end

      def findings
        {
          suggested:,
          verdicts: verdicts(judge.verdicts),
          deficiencies: verdicts(judge.deficiencies),
          rectified: verdicts(judge.rectified),
          proposals:,
          open_before:,
          outcome:
        }
      end

      # What earlier visits left open: last time's words, and what was said of it now.
      def open_before
        still = judge.still_open
        wanted = still.unanswered
        still.all.map do |one|
          { check: one.check, part: one.part, place: @visit.words.part(one.part),
            state: one.grade, text: one.text, remedy: one.remedy, since: one.found_on,
            answer: still.said(one)&.first, wanted: wanted.include?(one),
            asked_in: asked_in(one) }
        end
      end

      # What the visit has found out of the heater, and the record does not say.
      def proposals
        remembered(:proposals) do |asked|
          found = Facts::Proposals.new(asked)
          found.all.map do |one|
            told = one.told
            { field: told.field, value: found.text(told.field, told.value),
              because: say(told.because),
              recorded: one.recorded && found.text(told.field, one.recorded) }
          end
        end
      end

      def pictures
        {
          meaning: remembered(:meaning) { |asked| Judgement::Meaning.new(asked).to_h },
          ladder: remembered(:ladder) { |asked| Drawing::Ladder.new(asked).to_h },
          marks: Judgement::Marks.new(@visit, judge).to_h
        }
      end

      private

      # What the same questions to the visit have given before.
      def remembered(name, *values, &) = @visit.memory.of(name, @visit, *values, &)

      def reading(reading)
        @visit.memory.given([:reading, reading.id], reading) do
          StepView.reading(reading, @visit.units)
        end
      end

      def observation(seen) = { finding: seen.finding, note: seen.note }

      # The group of the inspection in which it is asked, or nil.
      def asked_in(one)
        Inspection::InspectionItem.all.find { |item| item.id == one.check }&.group
      end

      def outcome
        outcome = Judgement::Outcome.new(@visit, judge.deficiencies)
        {
          proposed: outcome.proposed,
          chosen: outcome.chosen,
          because: @visit.words.say(outcome.because),
          sentence: outcome.sentence(@visit.words)
        }
      end

      # Jobs that would put right what has been found, and are not among the visit's.
      def suggested
        return [] if @visit.look_only? || judge.deficiencies.empty?

        found = judge.deficiencies.to_h { |verdict| [verdict.check, verdict] }
        remembered(:suggested, found) do |asked|
          Judgement::Suggested.new(asked, found.values).all.filter_map do |job, cured|
            next if asked.jobs.include?(job.id)

            { job: job.id, title: say(job.title), because: say(cured.first.text) }
          end
        end
      end

      def say(text) = @visit.words.say(text)

      def verdicts(list)
        list.map do |verdict|
          words(verdict).merge(
            claim_first: claim_first(verdict),
            situations: situations(verdict),
            since: since(verdict)
          )
        end
      end

      def words(verdict)
        @visit.memory.given([:words, verdict.check], verdict) { StepView.verdict(verdict, @visit) }
      end

      # The categories of unsafe gas situations that it may be given.
      def situations(verdict)
        Judgement::GasSituation.categories(verdict, @visit).map do |id|
          { id:, text: Judgement::GasSituation::CATEGORIES.fetch(id) }
        end
      end

      # A tank that leaks is bought only after the maker has been asked.
      def claim_first(verdict)
        return unless verdict.check == :leak && @visit.observation(:leak)&.finding == :body

        Heater::Warranty.claim_first(@visit.heater, on: @visit.date)
      end

      # The day of an earlier visit on which it was found first, or nil.
      def since(verdict)
        return unless verdict.finding?

        @visit.open_before.find { |one| one.check == verdict.check }&.found_on
      end
    end
  end
end

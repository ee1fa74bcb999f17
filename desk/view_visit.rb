# frozen_string_literal: true

module Munimen
  module Desk
    # Everything the visit's screen shows, worked out from what was written down.
    class ViewVisit
      def initialize(context) = @context = context

      def call(visit_id)
        row = @context.records.visits.find(visit_id)
        visit = @context.records.visits.core(visit_id, now: @context.now, corrected: true)
        judge = Judgement::Judge.new(visit)
        plan = Work::Planner.new(visit).plan(visit.jobs)
        head(row, visit).merge(work(visit, plan)).merge(judged(visit, judge, plan)).merge(pictures(visit, judge))
      end

      private

      def head(row, visit)
        place = visit.site
        { id: row[:id], status: row[:status], planned_for: row[:planned_for], started_at: row[:started_at], signed_at: row[:signed_at],
          heater: { id: place[:heater_id], label: place[:label], kind: visit.heater.kind, installation: visit.heater.to_h(units: visit.units) },
          place: place.slice(:customer, :address, :access, :phone), person: place[:person], units: visit.units,
          jobs: visit.jobs.map { |job| { id: job, title: visit.words.say(Work::Job[job].title) } },
          rulebook: { id: visit.rules.book.id, title: visit.rules.book.title, house_rules: house_rules(visit) }, look_only: visit.look_only?, now: @context.stamp }
      end

      def house_rules(visit)
        visit.rules.chosen.reject { |id, choice| choice == Rules::Question[id].ours }.map do |id, choice|
          question = Rules::Question[id]
          { id:, ask: visit.words.say(question.ask), choice: visit.words.say(question.options.fetch(choice).label), level: visit.rules.chain(id).last.first }
        end
      end

      def work(visit, plan)
        step_view = StepView.new(visit, @context.person)
        space = Work::StateSpace.new(visit.heater)
        { state: Work::StateWords.line(space, visit.state).map { |one| one.merge(text: visit.words.say(one[:text])) },
          done: visit.standing.map { |step| step_view.past(step) },
          plan: { total: plan.total, hands_on: plan.hands_on, bounded: plan.bounded, steps: plan.steps.map { |step| step_view.planned(step) },
                  impossible: plan.impossible.map { |left| step_view.left(left) }, superfluous: plan.superfluous.map { |left| step_view.left(left) } },
          running: visit.running_waits.map { |wait| wait.to_h.slice(:operation, :label, :manner, :seconds_left).merge(ends_at: @context.stamp(wait.ends_at)) } }
      end

      def judged(visit, judge, plan)
        outcome = Judgement::Outcome.new(visit, judge.deficiencies)
        written(visit).merge(
          verdicts: verdicts(judge.verdicts, visit), deficiencies: verdicts(judge.deficiencies, visit), rectified: verdicts(judge.rectified, visit),
          photos: @context.records.photos.of_visit(visit.site[:id]),
          outcome: { proposed: outcome.proposed, chosen: outcome.chosen, because: visit.words.say(outcome.because), sentence: outcome.sentence(visit.words) },
          obstacles: Judgement::Closing.new(visit, plan, judge.deficiencies).obstacles.map(&:to_h),
          signatures: @context.records.visits.rows(:signatures, visit.site[:id]).map { |row| row.slice(:signer, :name, :refused, :at) }
        )
      end

      def verdicts(list, visit)
        known = @known ||= @context.records.deficiencies.open(visit.site[:heater_id])
        list.map do |verdict|
          before = known[verdict.check.to_s]
          StepView.verdict(verdict, visit).merge(since: (before[:found_on] if before && verdict.finding? && before[:found_in] != visit.site[:id]))
        end
      end

      def written(visit)
        corrected, standing = visit.readings.partition(&:superseded)
        { readings: standing.to_h { |reading| [reading.name, StepView.reading(reading, visit.units)] },
          corrected: corrected.map { |reading| StepView.reading(reading, visit.units) },
          observations: visit.observations.to_h { |seen| [seen.item, { finding: seen.finding, note: seen.note }] }, decisions: visit.decisions }
      end

      def pictures(visit, judge)
        meaning = Judgement::Meaning.new(visit)
        { meaning: meaning.to_h, section: Drawing::Section.new(visit.heater, units: visit.units).to_h, ladder: Drawing::Ladder.new(visit, meaning).to_h,
          marks: Judgement::Marks.new(visit, judge).to_h,
          parts: Heater::Parts.of(visit.heater).to_h { |part| [part.id, visit.words.part(part.id)] } }
      end
    end
  end
end

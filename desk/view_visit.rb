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
        head(row, visit).merge(work(row, visit, plan)).merge(judged(visit, judge, plan)).merge(pictures(visit, judge))
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

      def work(row, visit, plan)
        step_view = StepView.new(visit, @context.person)
        space = Work::StateSpace.new(visit.heater)
        { state: Work::StateWords.line(space, visit.state).map { |one| one.merge(text: visit.words.say(one[:text])) },
          done: done(row, visit, step_view), outlay: outlay(visit, plan), van: van(row, visit, plan), people:, instruments:,
          plan: { total: plan.total, hands_on: plan.hands_on, bounded: plan.bounded?, at_least: plan.at_least, steps: plan.steps.map { |step| step_view.planned(step) },
                  impossible: plan.impossible.map { |left| step_view.left(left) }, superfluous: plan.superfluous.map { |left| step_view.left(left) } },
          running: visit.running_waits.map { |wait| running(wait, visit) } }
      end

      def running(wait, visit)
        times = { started_at: @context.stamp(wait.started_at), ends_at: @context.stamp(wait.ends_at) }
        wait.to_h.slice(:operation, :manner, :seconds_left).merge(label: visit.words.say(wait.label), **times)
      end

      # Each step that stands, with what it took.
      def done(row, visit, step_view)
        since = row[:started_at] && Time.iso8601(row[:started_at])
        visit.standing.map { |step| step_view.past(step, since).tap { since = step.at } }
      end

      def outlay(visit, plan)
        outlay = Work::Outlay.new(plan, visit)
        say = ->(list) { list.map { |one| visit.words.say(one).sub(/\A./, &:upcase) }.uniq }
        by = visit.decision(:water_by).to_s
        { water: outlay.water.format(visit.units), hot_again: outlay.hot_again, tools: say[outlay.tools], materials: say[outlay.materials],
          water_by: by.empty? ? nil : by, put_off: visit.put_off.map { |job, reason| { job:, title: visit.words.say(Work::Job[job].title), reason: } } }
      end

      # What goes into the van, before the visit has begun.
      def van(row, visit, plan)
        return [] unless row[:status] == "booked"

        open = @context.records.deficiencies.open(row[:heater_id]).keys
        Work::VanList.new(visit, plan, open:, last: @context.records.visits.last_quantities(row[:heater_id])).lines.map { |line| line.to_h.slice(:name, :certainty, :because) }
      end

      def instruments = Instruments.new(@context).list.map { |one| one.slice(:id, :title, :reads, :point, :overdue, :note) }
      def people = @context.records.people.all.to_h { |row| [row[:id].to_s, row[:name]] }

      def judged(visit, judge, plan)
        outcome = Judgement::Outcome.new(visit, judge.deficiencies)
        written(visit).merge(
          suggested: suggested(visit, judge),
          verdicts: verdicts(judge.verdicts, visit), deficiencies: verdicts(judge.deficiencies, visit), rectified: verdicts(judge.rectified, visit),
          photos: @context.records.photos.of_visit(visit.site[:id]),
          outcome: { proposed: outcome.proposed, chosen: outcome.chosen, because: visit.words.say(outcome.because), sentence: outcome.sentence(visit.words) },
          obstacles: Judgement::Closing.new(visit, plan, judge.deficiencies).obstacles.map(&:to_h),
          signatures: @context.records.visits.rows(:signatures, visit.site[:id]).map { |row| row.slice(:signer, :name, :refused, :at) }
        )
      end

      # Jobs that would put right what has been found, and are not among the visit's.
      def suggested(visit, judge)
        found = judge.deficiencies.to_h { |verdict| [verdict.check, verdict] }
        Work::Job.fitting(visit.heater).reject { |job| visit.jobs.include?(job.id) || visit.look_only? }.filter_map do |job|
          verdict = job.cures.filter_map { |check| found[check] }.first
          { job: job.id, title: visit.words.say(job.title), because: visit.words.say(verdict.text) } if verdict
        end
      end

      # A tank that leaks is bought only after the maker has been asked.
      def claim_first(verdict, visit)
        Heater::Warranty.claim_first(visit.heater, on: visit.on) if verdict.check == :leak && visit.observation(:leak)&.finding == :body
      end

      def verdicts(list, visit)
        known = @known ||= @context.records.deficiencies.open(visit.site[:heater_id])
        list.map do |verdict|
          before = known[verdict.check.to_s]
          StepView.verdict(verdict, visit).merge(claim_first: claim_first(verdict, visit),
since: (before[:found_on] if before && verdict.finding? && before[:found_in] != visit.site[:id]))
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

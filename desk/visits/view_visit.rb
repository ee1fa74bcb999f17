# frozen_string_literal: true

module Munimen
  module Desk
    # Everything the visit's screen shows, worked out from what was written down.
    class ViewVisit
      def initialize(context) = @context = context

      # Plain data for schema Visit of the contract. Raises NotFound.
      def call(visit_id)
        row = @context.records.visits.find(visit_id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        plan = @context.records.plans.plan(visit)
        judged = JudgedView.new(@context, visit)
        head(row, visit).merge(
          work(row, visit, plan),
          judged.written,
          judged.findings,
          judged.pictures,
          closing(visit, plan, judged),
          drawing(visit)
        )
      end

      private

      def head(row, visit)
        {
          **row.slice(:id, :status, :version, :planned_for, :started_at, :signed_at),
          ended: row[:ended],
          heater: heater(visit),
          place: visit.site.slice(:customer, :address, :access, :phone),
          person: visit.site[:person],
          units: visit.units,
          jobs: visit.jobs.map { |job| { id: job, title: title(visit, job) } },
          rulebook: rulebook(visit),
          look_only: visit.look_only?,
          complaint: ComplaintView.of(visit),
          told: ToldView.of(visit, row),
          now: @context.stamp
        }
      end

      def heater(visit)
        {
          id: visit.site[:heater_id],
          label: visit.site[:label],
          kind: visit.heater.kind,
          installation: visit.heater.to_h(units: visit.units)
        }
      end

      def title(visit, job) = visit.words.say(Work::Job[job].title)

      def rulebook(visit)
        book = visit.rules.book
        { id: book.id, title: book.title, house_rules: house_rules(visit) }
      end

      # House rules that differ from our default.
      def house_rules(visit)
        chosen = visit.rules.chosen.reject do |id, choice|
          choice == Rules::Question[id].default_option
        end
        chosen.map do |id, choice|
          question = Rules::Question[id]
          {
            id:,
            ask: visit.words.say(question.ask),
            choice: visit.words.say(question.options.fetch(choice).label),
            level: visit.rules.chain(id).last.first
          }
        end
      end

      def work(row, visit, plan)
        {
          state: state(visit),
          done: done(row, visit),
          outlay: outlay(visit, plan),
          van: van(row, visit, plan),
          in_the_way: in_the_way(row, visit),
          people: @context.records.people.all.to_h { |one| [one[:id].to_s, one[:name]] },
          instruments: Instruments.new(@context).briefly,
          plan: planned(visit, plan),
          running: visit.running_waits.map { |wait| running(wait, visit) }
        }
      end

      def state(visit)
        line = Work::StateWords.line(Work::StateSpace.new(visit.heater), visit.state)
        line.map { |one| one.merge(text: visit.words.say(one[:text])) }
      end

      def planned(visit, plan)
        step_view = StepView.new(visit, @context.person, Instruments.new(@context).briefly)
        {
          total: plan.total,
          hands_on: plan.hands_on,
          bounded: plan.bounded?,
          at_least: plan.at_least,
          steps: plan.steps.map { |step| step_view.planned(step) },
          impossible: plan.impossible.map { |left| step_view.left(left) },
          superfluous: plan.superfluous.map { |left| step_view.left(left) }
        }
      end

      def running(wait, visit)
        {
          **wait.to_h.slice(:operation, :manner, :seconds_left),
          label: visit.words.say(wait.label),
          started_at: @context.stamp(wait.started_at),
          ends_at: @context.stamp(wait.ends_at)
        }
      end

      # Each step that stands, with what it took.
      def done(row, visit)
        step_view = StepView.new(visit, @context.person)
        since = row[:started_at] && Time.iso8601(row[:started_at])
        visit.standing.map { |step| step_view.past(step, since).tap { since = step.at } }
      end

      def outlay(visit, plan)
        resources = Planning::PlanResources.new(plan, visit)
        by = visit.decision(:water_by).to_s
        {
          water: resources.water.about(visit.units),
          hot_again: resources.hot_again,
          tools: listed(visit, resources.tools),
          materials: listed(visit, resources.materials),
          untouched: ChangeJobs.untouched?(visit),
          water_by: by.empty? ? nil : by,
          long_heat: Planning::LongHeat.of(plan, visit),
          put_off:
            visit.put_off.map { |job, reason| { job:, title: title(visit, job), reason: } }
        }
      end

      def listed(visit, names) = names.map { |one| visit.words.sentence(one) }.uniq

      # What goes into the van, before the visit has begun.
      def van(row, visit, plan)
        return [] unless row[:status] == "booked"

        open = @context.records.deficiencies.open(row[:heater_id]).keys
        last = @context.records.visits.last_quantities(row[:heater_id])
        said = @context.records.visits.in_the_way(row[:heater_id])
        in_the_way = Work::Hindrance.standing(said)
        lines = Planning::VanList.new(visit, plan, open:, last:, in_the_way:).lines
        lines.map { |line| line.to_h.slice(:name, :certainty, :because) }
      end

      # What is in the way at this heater, by every visit so far.
      def in_the_way(row, visit) = InTheWay.new(@context).met(row[:heater_id], visit.words)

      def closing(visit, plan, judged)
        closing = Judgement::Closing.new(visit, plan, judged.judge.deficiencies)
        signatures = @context.records.visits.rows(:signatures, visit.site[:id])
        {
          photos: @context.records.photos.of_visit(visit.site[:id]),
          obstacles: closing.obstacles.map(&:to_h),
          apart: AnswersView.new(@context, visit).apart,
          papers: papers(visit),
          signatures: signatures.map { |row| row.slice(:signer, :name, :refused, :at) }
        }
      end

      # What the book may want for it, and what was said of that.
      def papers(visit)
        visit.rules.book.papers.map do |one|
          said = one.said(visit)
          { id: one.id, title: visit.words.say(one.title), hint: visit.words.say(one.hint),
            source: one.source.to_s, said: said&.word, on: said&.on, number: said&.number }
        end
      end

      def drawing(visit)
        parts = Heater::Parts.of(visit.heater)
        {
          section: Drawing::Section.new(
            visit.heater, units: visit.units, state: visit.state
          ).to_h,
          parts: parts.to_h { |part| [part.id, visit.words.part(part.id)] }
        }
      end
    end
  end
end

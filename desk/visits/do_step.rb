# frozen_string_literal: true

module Munimen
  module Desk
    # Marks an operation as done, found already so, or not tested with a reason; or undoes the
    # last one. Refuses what its needs do not allow, naming the need and the step that makes it
    # true; a need of convenience may be passed over with a reason, which the report carries. A
    # plain act may be said together with others, and is marked so.
    class DoStep
      def initialize(context) = @context = context

      def call(visit_id, id:, operation:, outcome:, reason: nil, override: nil, at: nil,
               together: false)
        @context.may!(:visit)
        work = Work::Operation[operation]
        done = VisitWrite.new(@context, visit_id).call(:steps, id, at:) do |entry|
          over = @context.text!(override, :override, max: 300, required: false)
          check(entry.visit, work, outcome, reason, over)
          together(entry, work) if together
          add(entry, id, work, outcome, over || reason)
        end
        @context.step_completed(visit_id, work.id) if done
      rescue Refused => e
        @context.was_refused(work.id, e) if work
        raise
      end

      # Undoes the last step that stands.
      def undo(visit_id, id:)
        undoing(visit_id, id) do |visit|
          visit.standing.last or
            raise Refused.new("There is no step to undo.", code: :nothing_to_undo)
        end
      end

      # One step that stands, by its id, as not done: what another device said of it.
      def not_done(visit_id, id:, of:)
        undoing(visit_id, id) do |visit|
          visit.standing.find { |one| one.id == of } or
            raise NotFound.new("There is no such step that stands.", field: :of)
        end
      end

      private

      # The block gives the step of a visit that is undone.
      def undoing(visit_id, id)
        @context.may!(:operate)
        step = nil
        VisitWrite.new(@context, visit_id).call(:steps, id) do |entry|
          step = yield(entry.visit)
          safe_without!(entry.visit, step)
          entry.add(:steps, id:, operation: step.operation.to_s, outcome: "undone", of: step.id)
        end
        @context.step_undone(visit_id, step.operation) if step
      end

      # While a danger stands no step is taken back that keeps it safe.
      def safe_without!(visit, step)
        undo = Visit::Step.new(id: "undo", outcome: :undone, of: step.id)
        before = visit.with(steps: visit.steps + [undo])
        lost = before.hazards.select do |hazard|
          held = visit.terms.space.unmet(hazard.safe, visit.state)
          before.terms.space.unmet(hazard.safe, before.state).keys.difference(held.keys).any?
        end
        return if lost.empty?

        raise Refused.new(
          visit.words.say(
            Message.of("A danger stands ({danger}), and this step keeps it safe: it is not " \
                       "undone. If it was not done, do it now.",
                       danger: lost.first.title)
          ),
          code: :keeps_safe
        )
      end

      def check(visit, work, outcome, reason, override)
        case outcome
        when "not_tested"
          never_given_up(work)
          @context.text!(reason, :reason, max: 300)
          given_up_before(visit, work)
        when "left_apart"
          @context.may!(:operate)
          takes_apart!(work)
          @context.text!(reason, :reason, max: 300)
          competent!(visit, work)
          Readiness.new(visit, work).check!(found_so: false, override:)
        when "done", "already_so"
          @context.may!(:operate) if work.operates?
          competent!(visit, work)
          Readiness.new(visit, work).check!(found_so: outcome == "already_so", override:)
        else
          raise Error.new(
            "outcome must be done, already_so, not_tested or left_apart.",
            field: :outcome,
            code: :unknown_choice
          )
        end
      end

      def together(entry, work)
        unless work.plain_act? && entry.visit.terms.standing.empty?
          raise Refused.new("This is said by itself: do it, and say so.", code: :said_alone)
        end

        entry.mark(together: true)
      end

      def takes_apart!(work)
        return unless work.apart.empty?

        raise Refused.new("This takes nothing apart that could be left so.", code: :nothing_apart)
      end

      # Given up once, it is planned again only where the heater cannot be left without it.
      def given_up_before(visit, work)
        return if visit.not_tested.none? { |step| step.operation == work.id }
        return if @context.records.plans.plan(visit).steps.none? { |one| one.operation == work }

        raise Refused.new(
          "It was given up already, and the heater cannot be left without it: do it.",
          code: :needed_to_leave
        )
      end

      # Nobody goes without leaving it in one of the ways to leave.
      def never_given_up(work)
        return unless work.way_to_leave || work.id == :make_safe

        raise Refused.new(
          "This is never given up: the heater is left in service, made safe, or with the warning " \
          "given.",
          code: :never_given_up
        )
      end

      # A step outside the person's competence is handed over; it can be given up with a reason.
      def competent!(visit, work)
        lacking =
          Work::Competence.new(visit, Store::Values.qualifications(@context.person)).missing(
            work
          ) or return
        raise Refused.new(lacking[:text], code: :not_competent)
      end

      def add(entry, id, work, outcome, reason)
        entry.add(
          :steps,
          id:,
          operation: work.id.to_s,
          outcome:,
          made: outcome == "done" ? work.read_effects(entry.visit) : nil,
          reason: @context.text!(reason, :reason, max: 300, required: false)
        )
      end
    end
  end
end

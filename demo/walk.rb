# frozen_string_literal: true

module Munimen
  module Demo
    # Walks through a visit as a plumber would, in the order the planner gives: reads what the
    # invented heater shows (by the physics), answers, marks each step, and lets the clock run.
    class Walk
      MOST = 200 # steps

      # A clock that stands where it is put.
      class Clock
        attr_accessor :time

        def initialize(time) = @time = time
        def call = @time
        def pass(seconds) = @time += seconds
      end

      # truth: Truth of the heater. findings: {look item => finding} that are not sound.
      def initialize(records, person:, at:, truth:, random:, findings: {}, refused: nil)
        @clock = Clock.new(at)
        @records = records
        @context = Desk::Context.new(records, person:, clock: @clock)
        @truth = truth
        @random = random
        @findings = findings
        @refused = refused
      end

      attr_reader :context

      # Does up to `limit` steps, signs when all are done. Returns the visit's id.
      def call(heater_id, jobs: [:annual_safety], limit: nil, sign: true)
        id = uuid
        desk = Desk::StartVisit.new(@context)
        desk.book(id:, heater_id:, jobs:, planned_for: @context.stamp)
        desk.start(id)
        count = 0
        while (limit.nil? || count < limit) && (step = next_step(id))
          do_step(id, step)
          count += 1
          raise "the visit does not come to an end" if count > MOST
        end
        finish(id) if sign && limit.nil?
        id
      end

      private

      def uuid
        @random
          .bytes(16)
          .unpack1("H*")
          .then { |h| [h[0, 8], h[8, 4], "4#{h[13, 3]}", "8#{h[17, 3]}", h[20, 12]].join("-") }
      end

      def visit(id) = @records.visits.load(id, now: @clock.time)

      # The next step of the plan as it stands after what has been read and seen.
      def next_step(id)
        visit = visit(id)
        plan = @records.plans.plan(visit)
        given_up = plan.impossible.reject { |left| left.by == :danger }
        if given_up.any?
          given_up.each { |left| give_up(id, visit, left) }
          return next_step(id)
        end
        plan.steps.first&.tap { |step| wait_for(visit, step) }
      end

      def give_up(id, visit, left)
        Desk::DoStep.new(@context).call(
          id,
          id: uuid,
          operation: left.operation.to_s,
          outcome: "not_tested",
          reason: visit.words.say(left.because)
        )
      end

      # Lets the clock run until the needs of a step hold, where a running wait brings them about.
      def wait_for(visit, step)
        return if visit.running_waits.empty?
        if Desk::Readiness.new(visit, step.operation).needs.all? { |need| need[:met] } &&
           visit.history.disturbed_by(step.operation).empty?
          return
        end

        @clock.pass(visit.running_waits.map(&:seconds_left).max.to_i + 1)
      end

      def do_step(id, step)
        operation = step.operation
        @clock.pass(operation.hands_on + @random.rand(0..20))
        @clock.pass(step.wait.seconds) if step.wait && step.wait.manner == :attended
        decide(id, operation)
        look(id, operation)
        before = visit(id) unless operation.reads.empty?
        operation.reads.each { |read| take(id, read, before) if read.applies?(before.heater) }
        Desk::DoStep.new(@context).call(id, id: uuid, operation: operation.id.to_s, outcome: "done")
      rescue Refused => e
        # What was just seen comes first.
        raise unless e.code == :need_unmet && visit(id).hazards.any?
      end

      def decide(id, operation)
        return unless operation.decides

        Desk::Decide.new(@context).call(
          id,
          id: uuid,
          name: operation.decides.to_s,
          value: "given"
        )
      end

      def look(id, operation)
        return unless operation.looks

        items = Inspection::InspectionItem.for(visit(id), operation.looks)
        Desk::RecordObservations.new(@context).call(
          id,
          items:
            items.map do |item|
              { id: uuid, item: item.id.to_s, finding: (@findings[item.id] || :sound).to_s }
            end
        )
      end

      def take(id, read, visit)
        value = @truth.read(read.name, visit, @random) or return
        Desk::TakeReading.new(@context).call(id, id: uuid, name: read.name.to_s, value:)
      end

      # What an earlier visit left open: as it looks now.
      def answer_open(id)
        now = visit(id)
        Judgement::Judge.of(now).still_open.unanswered.each do |one|
          seen = now.observation(one.check)&.finding
          said = { sound: "put_right: seen", nil => "not_looked" }.fetch(seen, "still_there")
          decide_text(id, Visit::Decisions.name(:open, one.check), said)
        end
      end

      def finish(id)
        answer_open(id)
        judge = Judgement::Judge.of(visit(id))
        judge.deficiencies.select { |verdict| verdict.grade == :danger }.each do |verdict|
          decide_text(
            id,
            Visit::Decisions.name(:danger, verdict.check, :action),
            "Heat switched off, tagged “do not use”"
          )
          told = Visit::Decisions.name(:danger, verdict.check, :told)
          decide_text(id, told, "#{visit(id).site[:customer]}, in person")
        end
        judge.deficiencies.each do |verdict|
          category = Judgement::GasSituation.categories(verdict, visit(id)).first or next
          decide_text(id, Visit::Decisions.name(:situation, verdict.check), category.to_s)
        end
        sign = Desk::Sign.new(@context)
        if @refused
          sign.call(id, id: uuid, signer: "customer", refused: @refused)
        else
          sign.call(
            id,
            id: uuid,
            signer: "customer",
            name: visit(id).site[:customer],
            strokes: scribble
          )
        end
        @clock.pass(40)
        sign.call(id, id: uuid, signer: "plumber", name: @context.person[:name], strokes: scribble)
      end

      def decide_text(id, name, value)
        Desk::Decide.new(@context).call(id, id: uuid, name:, value:)
      end

      # A made-up signature.
      def scribble
        [
          Array.new(34) do |i|
            [
              (0.08 + (i * 0.025)).round(3),
              (0.55 + ((0.28 * Math.sin((i * 0.9) + @random.rand)) * (1 - (i / 50.0)))).round(3)
            ]
          end
        ]
      end
    end
  end
end

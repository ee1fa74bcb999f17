# frozen_string_literal: true

module Munimen
  module Desk
    # Takes a job into a visit under way, or puts one off to another day with its reason; what is
    # done stays done, and the plan is worked out anew from the heater's present state.
    class ChangeJobs
      def initialize(context) = @context = context

      # id: UUID of the decision that is written down: it is taken in, or put off, once.
      def add(visit_id, job:, id: SecureRandom.uuid)
        return if @context.records.visits.written?(:decisions, id)

        row, jobs = changeable(visit_id)
        heater = @context.records.visits.load(visit_id, now: @context.now).heater
        known = Work::Job[job]
        unless Work::Job.fitting(heater).include?(known)
          raise Refused.new("This is not done on this heater.", code: :not_applicable)
        end

        write(row, jobs | [known.id])
        note(visit_id, id, known, "")
      end

      def put_off(visit_id, id:, job:, reason:)
        return if @context.records.visits.written?(:decisions, id)

        row, jobs = changeable(visit_id)
        known = Work::Job[job]
        unless jobs.include?(known.id)
          raise Error.new(
            "“#{job}” is not among the jobs of this visit.",
            field: :job,
            code: :unknown_choice
          )
        end
        if jobs.size == 1
          raise Refused.new(
            "It is the only job: leave the heater as it is, and say so at the end.",
            code: :only_job
          )
        end

        text = @context.text!(reason, :reason, max: 300)
        write(row, jobs - [known.id])
        note(visit_id, id, known, text)
      end

      private

      def changeable(visit_id)
        @context.may!(:records)
        row = @context.records.visits.find(visit_id)
        @context.open!(row) unless row[:status] == "booked"
        [row, row[:jobs]]
      end

      def write(row, jobs) = @context.records.visits.update(row[:id], jobs:)

      def note(visit_id, id, job, text)
        @context.records.visits.write(
          :decisions,
          id:,
          visit_id:,
          name: Visit::Decisions.name(:put_off, job.id),
          value: text,
          at: @context.stamp,
          account_id: @context.person[:id]
        )
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # Takes a job into a visit under way, or puts one off to another day with its reason; what is
    # done stays done, and the plan is worked out anew from the heater's present state.
    class ChangeJobs
      # Whether a wrong start can still be changed: nothing but looking has been done.
      def self.untouched?(visit) = (visit.standing.map(&:operation) - Work::Job.frame).empty?

      def initialize(context) = @context = context

      # id: UUID of the decision that is written down: it is taken in, or put off, once.
      # instead: in place of the work that the visit was begun for, which is then owed by nobody.
      def add(visit_id, job:, id: SecureRandom.uuid, instead: false)
        known = Work::Job[job]
        changing(visit_id, id, known) do |visit|
          unless Work::Job.fitting(visit.heater).include?(known)
            raise Refused.new("This is not done on this heater.", code: :not_applicable)
          end

          untouched!(visit) if instead
          [instead ? [known.id] : visit.jobs | [known.id], ""]
        end
      end

      def put_off(visit_id, id:, job:, reason:)
        known = Work::Job[job]
        changing(visit_id, id, known) do |visit|
          among!(visit.jobs, known)
          [visit.jobs - [known.id], @context.text!(reason, :reason, max: 300)]
        end
      end

      private

      # The block gives the jobs of the visit from now on, and why.
      def changing(visit_id, id, job)
        @context.may!(:records)
        opened = ->(row) { row[:status] == "booked" ? row : @context.open!(row) }
        VisitWrite.new(@context, visit_id).call(:decisions, id, opened:) do |entry|
          jobs, why = yield entry.visit
          entry.change(jobs:)
          entry.add(:decisions, id:, name: Visit::Decisions.name(:put_off, job.id), value: why)
        end
      end

      def untouched!(visit)
        return if self.class.untouched?(visit)

        raise Refused.new(
          "Work of this visit has been done: take the other in as well, and put off what is left.",
          code: :work_done
        )
      end

      def among!(jobs, known)
        unless jobs.include?(known.id)
          raise Error.new(
            Message.of("“{id}” is not among the jobs of this visit.", id: known.id),
            field: :job,
            code: :unknown_choice
          )
        end
        return unless jobs.size == 1

        raise Refused.new(
          "It is the only job: leave the heater as it is, and say so at the end.",
          code: :only_job
        )
      end
    end
  end
end

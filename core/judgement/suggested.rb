# frozen_string_literal: true

module Munimen
  module Judgement
    # The jobs that would put right what was found on a visit.
    #
    #   Suggested.new(visit, deficiencies).all # => {Work::Job => [Verdict, …]}
    class Suggested
      # deficiencies: Verdicts that stand, worst first.
      def initialize(visit, deficiencies)
        @visit = visit
        @found = deficiencies.to_h { |verdict| [verdict.check, verdict] }
      end

      # Jobs of the heater, each with what it puts right.
      def all
        Work::Job.fitting(@visit.heater).to_h { |job| [job, cured_by(job)] }
                 .reject { |job, found| found.empty? || out_of_place?(job) }
      end

      private

      def cured_by(job)
        cures = job.cures + dangers_put_right(job).map(&:variable)
        cures.uniq.filter_map { |check| @found[check] }
      end

      # Hazards whose repair, or the look at it, is part of a job.
      def dangers_put_right(job)
        return [] if @visit.hazards.empty?

        operations = job.operations_for(@visit.heater)
        @visit.hazards.select do |hazard|
          operations.any? { |id| @visit.terms.mends?(id, hazard) }
        end
      end

      # Whether what the job is there for may not, or need not, be done on this visit.
      def out_of_place?(job)
        own = (job.operations_for(@visit.heater) - Work::Job.frame).map { |id| Work::Operation[id] }
        own.any? && own.all? do |operation|
          operation.forbidden_because(@visit) || operation.superfluous_because(@visit)
        end
      end
    end
  end
end

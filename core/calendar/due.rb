# frozen_string_literal: true

module Munimen
  module Calendar
    # What a signed visit leaves to be done later, and when, by all the rules of rules/. Pure
    # dates; the store keeps them.
    #
    #   Due.after(visit, deficiencies, on: Date.new(2026, 11, 23)) # => [Item, …]
    module Due
      # once: only where nothing of its kind has ever been owed for this heater.
      Item = Struct.new(:kind, :on, :text, :grade, :job, :check, :once, keyword_init: true)

      module_function

      def after(visit, deficiencies, on:)
        Rule.all.flat_map { |rule| rule.after(visit, deficiencies, on) }.sort_by(&:on)
      end

      # Ids of the jobs that a visit has done in all that is read in them, whatever it was booked
      # as.
      def settled_jobs(visit)
        Work::Job.all.select do |job|
          operations = job.operations_for(visit.heater).map { |id| Work::Operation[id] }
          measured = operations.reject do |operation|
            operation.reads.empty? || operation.superfluous_because(visit)
          end
          !measured.empty? && measured.all? { |operation| visit.done?(operation.id) }
        end.map(&:id)
      end
    end
  end
end

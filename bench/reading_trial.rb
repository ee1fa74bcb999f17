# frozen_string_literal: true

require_relative "../spec/support/plan_cases"

module Munimen
  module Bench
    # Many plans read step by step with the handbook in hand (spec/support/plan_reader.rb): how many
    # break a rule, how many hold an idle step, and which.
    class ReadingTrial
      EACH = 100 # plans of one seed

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run(count)
        read = (1..(count / EACH.to_f).ceil).flat_map { |seed|
          PlanCases.new(1000 + seed).take(EACH)
        }
        @row.call("plans read", read.size, "", nil)
        %i[broken senseless].each do |kind|
          @row.call("of them #{kind}", read.count { |one| one.kinds.include?(kind) }, "", "0")
        end
        undone = read.count { |one| one.plan.impossible.any? { |left| left.by.nil? } }
        @row.call("of them with work that cannot be done, and no danger or rule why", undone, "",
"")
        rules(read)
      end

      private

      def rules(read)
        read.flat_map(&:faults).map(&:rule).tally.sort_by { |_, times|
          -times
        }.each do |rule, times|
          @row.call(rule, times, "times", "0")
        end
      end
    end
  end
end

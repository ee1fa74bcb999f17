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
        seeds = (1..(count / EACH.to_f).ceil)
        @read = seeds.flat_map { |seed| PlanCases.new(1000 + seed).take(EACH) }
        @row.call("plans read", @read.size, "", "")
        %i[broken senseless].each do |kind|
          tell("of them #{kind}") { |one| one.kinds.include?(kind) }
        end
        tell("of them with work that cannot be done, and no danger or rule why") do |one|
          one.plan.impossible.any? { |left| left.because.start_with?("It needs what") }
        end
        rules
      end

      private

      def tell(name, &) = @row.call(name, @read.count(&), "", "0")

      def rules
        times = @read.flat_map(&:faults).map(&:rule).tally.sort_by { |_, count| -count }
        times.each { |rule, count| @row.call(rule, count, "times", "0") }
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  class Visit
    # Steps and what was read and seen, in the order in which they were entered: a device's clock
    # that disagrees moves the time, never the order.
    #
    #   Timeline.new(visit).each { |entry| … } # Reading, Observation, Step
    class Timeline
      include Enumerable

      def initialize(visit)
        @visit = visit
        @steps = visit.steps
        undone = @steps.select { |step| step.outcome == :undone }.map(&:of)
        @standing = @steps.map do |step|
          step.outcome != :undone && !undone.include?(step.id)
        end
      end

      # Those that stand: undone steps are left out, and what was corrected before anybody acted
      # on it.
      def each(&)
        @entries ||= begin
          evidence = (@visit.readings + @visit.all_observations + @visit.notes)
            .select { |one| counts?(one) }
          told = evidence.map.with_index { |one, index| [[place(one), 0, index], one] }
          steps = @steps.each_index.select { |index| @standing[index] }
          (told + steps.map { |index| [[index, 1, 0], @steps[index]] }).sort_by(&:first).map(&:last)
        end
        @entries.each(&)
      end

      # Whether it counts: the very one, not another that says the same.
      def include?(one)
        (@counted ||= entries.to_h { |entry| [entry.__id__, true] }).key?(one.__id__)
      end

      # How many steps had been entered before a reading or an observation.
      def place(one)
        @places ||= {}.compare_by_identity
        @places[one] ||= placed(one)
      end

      # Whether it was entered before the last step that stands of an operation; false where there
      # is no such step.
      def before?(one, operation)
        last = @steps.each_index.select do |index|
          @standing[index] && @steps[index].operation == operation &&
            @steps[index].done?
        end.last
        last ? place(one) <= last : false
      end

      private

      def placed(one)
        return @steps.count { |step| step.seq && step.seq < one.seq } if one.seq
        return by_time(one) if one.at && @steps.any?(&:at)

        @steps.each_index.select do |index|
          @standing[index] && reads?(@steps[index], one)
        end.last || 0
      end

      def by_time(one)
        at = one.at.is_a?(Time) ? one.at : Time.iso8601(one.at)
        own = @steps.rindex { |step| step.at == at && reads?(step, one) }
        own || @steps.count { |step| step.at && step.at <= at }
      end

      def reads?(step, one)
        return false unless one.is_a?(Reading)

        Work::Operation[step.operation].reads.any? { |read| read.name == one.name }
      end

      # What was corrected counts where somebody had done something in between: then it was so; and
      # where another device says otherwise, both count.
      def counts?(one)
        return true if one.is_a?(Note) || one.superseded.nil?

        later = successors[one.superseded] or return false
        return true if later.apart && @visit.decisions.apart(later.id) != "mine"

        (place(one)...place(later)).any? { |index| @standing[index] }
      end

      def successors
        @successors ||= (@visit.readings + @visit.all_observations).to_h { |one| [one.id, one] }
      end
    end
  end
end

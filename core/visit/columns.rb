# frozen_string_literal: true

module Munimen
  class Visit
    # A visit as found and as left. What a repair or a new part has made out of date lapses: it
    # stays as found, and what was read and seen since is as left.
    #
    #   Columns.new(visit).left.reading(:relief_lever) # => nil once the valve has been replaced
    class Columns
      def initialize(visit)
        @visit = visit
        @timeline = visit.timeline
      end

      # The visit with what was read and seen first, where somebody acted on it before it was read
      # or seen again.
      def found
        @found ||= begin
          readings = earliest(@visit.readings, &:name)
          seen = earliest(@visit.all_observations, &:item)
          same = readings.none?(&:superseded) && seen.none?(&:superseded)
          same ? @visit : @visit.with(readings: current(readings), observations: current(seen))
        end
      end

      # The visit without what has lapsed, its heater with what the new parts' plates say.
      def left
        @left ||= begin
          gone = lapsed
          heater = renewed
          if gone.empty? && heater.equal?(@visit.heater)
            @visit
          else
            @visit.with(
              heater:,
              readings: @visit.readings - gone,
              observations: @visit.observations - gone
            )
          end
        end
      end

      # What is out of date: [Reading, Observation].
      def lapsed
        @lapsed ||= (standing_readings + @visit.observations).select do |one|
          name = one.is_a?(Reading) ? one.name : one.item
          (renewals[name] || []).any? { |operation| @timeline.before?(one, operation) }
        end
      end

      # Proofs that are owed for what was renewed in this visit: {operation => [renewing one]}.
      def owed
        @owed ||= done.each_with_object({}) do |operation, all|
          operation.owed(@visit.rules).each do |id|
            proof = Work::Operation[id]
            next unless proof.applies?(@visit.heater) && !proved?(id, operation.id)

            (all[id] ||= []) << operation
          end
        end
      end

      private

      def standing_readings = @visit.readings.reject(&:superseded)

      # Of each name the first that counts.
      def earliest(list, &block)
        counted = list.select do |one|
          one.superseded.nil? || as_found?(one) || @timeline.include?(one)
        end
        counted.group_by(&block).values.map do |same|
          same.min_by { |one| [@timeline.place(one), one.superseded ? 0 : 1] }
        end
      end

      # Said to be how it was found, with another one of how it was left.
      def as_found?(one) = one.respond_to?(:as_found) && one.as_found

      def current(list)
        list.map do |one|
          one.superseded ? one.dup.tap { |copy| copy.superseded = nil } : one
        end
      end

      def done
        @done ||= @visit.standing.select(&:done?).map(&:operation).uniq
          .map { |id| Work::Operation[id] }
      end

      # Name of a reading or an item => ids of the operations, done in this visit, that make it
      # out of date: new parts at once, what puts a danger right once that is proved.
      def renewals
        @renewals ||= begin
          all = Hash.new { |found, name| found[name] = [] }
          done.each { |operation| operation.renews.each { |name| all[name] << operation.id } }
          mended.each do |hazard, repairs|
            (hazard.seen.keys + hazard.readings).each { |name| all[name].concat(repairs) }
          end
          all
        end
      end

      # Hazards that work of this visit puts right and that stand no more, with that work's ids.
      def mended
        ids = done.map(&:id)
        found = Hazards::Hazard.all.to_h { |hazard| [hazard, hazard.repaired_by & ids] }
          .reject { |_, repairs| repairs.empty? }
        found.empty? ? found : found.except(*@visit.hazards)
      end

      def renewed
        changes = done.map(&:record).reduce({}, :merge)
        return @visit.heater if changes.empty?

        @visit.heater.with(
          **changes.transform_values { |value| reading?(value) ? read(value) : value }
        )
      end

      def reading?(value) = ReadingInput.known.key?(value)

      # A reading as the field of a record: nil where it was not read.
      def read(name)
        reading = standing_readings.find { |one| one.name == name } or return
        reading.quantity || reading.choice
      end

      def proved?(proof, renewing)
        steps = @visit.steps
        standing = @visit.standing
        last = ->(id) { standing.rindex { |step| step.operation == id } }
        return false if steps.empty?

        after = last[proof] or return false
        after > last[renewing]
      end
    end
  end
end

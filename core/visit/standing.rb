# frozen_string_literal: true

module Munimen
  class Visit
    # Which answers of a visit stand. What was taken back is out, with what it had corrected before
    # anybody acted on it; what was asked only because of an answer goes where that answer goes.
    #
    #   Standing.new(readings:, observations:, notes:, steps:, decisions:).readings
    class Standing
      # taken_back: [Reading, Observation, Note] that are out.
      attr_reader :readings, :observations, :notes, :taken_back

      # readings, observations (those that were corrected among them), notes: as they were entered.
      def initialize(readings:, observations:, notes:, steps:, decisions:)
        @back = decisions.taken_back
        @steps = steps
        @taken_back = []
        @readings = hanging(as_found(left(readings), decisions))
        @observations = left(observations)
        @notes = left(notes)
      end

      private

      # From the last entered to the first: what took the place of an answer is known before it.
      def left(list)
        return list if @back.empty? || list.empty?

        by_id = list.to_h { |one| [one.id, one] }
        gone = {}
        kept = list.reverse.filter_map do |one|
          gone[one.id] = true if @back.key?(one.id) || goes_along?(one, gone, by_id)
          standing(one, gone, by_id) unless gone[one.id]
        end
        @taken_back.concat(list.select { |one| gone[one.id] })
        kept.reverse
      end

      # Corrected by what is out, before anybody had acted on it.
      def goes_along?(one, gone, by_id)
        later = by_id[one.superseded] unless one.is_a?(Note)
        later && gone[later.id] && !acted_between?(one, later)
      end

      # Corrected by what is out, but acted on before: it stands as it did until then.
      def standing(one, gone, by_id)
        return one if one.is_a?(Note) || !gone[one.superseded]

        later = by_id[one.superseded]
        later = by_id[later.superseded] while later && gone[later.id]
        one.dup.tap { |copy| copy.superseded = later&.id }
      end

      def acted_between?(one, other)
        return false unless one.seq && other.seq

        undone = @steps.select { |step| step.outcome == :undone }.map(&:of)
        @steps.any? do |step|
          step.outcome != :undone && !undone.include?(step.id) && step.seq &&
            step.seq.between?(one.seq, other.seq)
        end
      end

      # What was read again after the work is how it was left; the one before, how it was found.
      def as_found(readings, decisions)
        readings.map do |one|
          next one unless one.superseded && decisions.left?(one.superseded)

          one.dup.tap { |copy| copy.as_found = true }
        end
      end

      # An answer that was only asked because of another is corrected with it.
      def hanging(readings)
        hangs = ReadingInput.hanging
        return readings unless readings.any? { |one| hangs.key?(one.name) && !one.superseded }

        readings.map.with_index do |one, index|
          next one if one.superseded || !hangs.key?(one.name)

          out = hangs[one.name].filter_map { |name, word| corrected(readings, index, name, word) }
          out.empty? ? one : one.dup.tap { |copy| copy.superseded = out.first }
        end
      end

      # The id of the answer that took away why one was asked, or nil.
      def corrected(readings, index, name, word)
        main = readings[0...index].reverse.find { |other| other.name == name }
        while main && main.choice == word && main.superseded
          following = readings.find { |other| other.id == main.superseded }
          return following&.id unless following&.choice == word

          main = following
        end
        nil
      end
    end
  end
end

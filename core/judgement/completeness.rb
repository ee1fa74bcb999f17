# frozen_string_literal: true

module Munimen
  module Judgement
    # Which protections a visit was to test and did not: no record, look-only, policy, refusal or
    # an unknown configuration. Unknown is never sound.
    #
    #   Completeness.new(visit).untested # => [Gap, …]
    class Completeness
      include Saying

      # check: of the verdict that would tell; name: of the protection; because: why it is not
      # tested; unrecorded: whether nothing says why.
      Gap = Struct.new(:check, :part, :name, :because, :unrecorded, keyword_init: true)

      def initialize(visit)
        @visit = visit
      end

      # Protections asked for by the visit's jobs that no verdict tells of, [Gap].
      def untested
        @untested ||= due.filter_map do |id|
          name, checks = Work::Operation[id].protects
          next if told?(id, checks)

          because = why(id)
          Gap.new(
            check: checks.first || id,
            part: Work::Operation[id].part,
            name: @visit.words.say(name),
            because: @visit.words.say(because || "Not recorded."),
            unrecorded: because.nil?
          )
        end
      end

      def complete? = untested.empty?
      # Nothing of what was to be tested was.
      def nothing? = due.any? && untested.size == due.size

      # Text of what is missing, or nil.
      def because
        return if complete?
        return "Nothing was tested." if nothing?

        return "One protection was not tested." if untested.size == 1

        msg("{count} protections were not tested.", count: untested.size)
      end

      # The same for the customer, or nil.
      def sentence
        return if complete?
        return "Nothing was tested." if nothing?

        names = Message.join(untested.map(&:name), ", ")
        return msg("One protection was not tested: {names}.", names:) if untested.size == 1

        msg("{count} protections were not tested: {names}.", count: untested.size, names:)
      end

      private

      def due
        asked = @visit.jobs.flat_map { |job| Work::Job[job].operations_for(@visit.heater) }.uniq
        asked.reject { |id| [nil, :none].include?(Work::Operation[id].protects&.first) }
      end

      def told?(operation, checks)
        return @visit.done?(operation) if checks.empty?

        @told ||= Judge.of(@visit).verdicts.reject { |one| one.grade == :not_tested }.map(&:check)
        @told.intersect?(checks)
      end

      def why(id)
        step = @visit.not_tested.find { |one| one.operation == id }
        return step.reason if step

        Work::Operation[id].forbidden_because(@visit)
      end
    end
  end
end

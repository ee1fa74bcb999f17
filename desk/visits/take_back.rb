# frozen_string_literal: true

module Munimen
  module Desk
    # Takes back one answer that stands in an open visit (a reading, what was seen, a note, a
    # decision), and what was asked only because of it; what it leaves is unknown. One that a
    # danger hangs on wants a reason, and, where somebody else gave it, that they were told. It
    # stays in the record.
    class TakeBack
      def initialize(context) = @context = context

      # of: id of the entry, or the name of a decision. reason: why, where a danger hangs on it;
      # told: who of the others was told, where it is somebody else's danger.
      def call(visit_id, id:, of:, reason: nil, told: nil)
        @context.may!(:visit)
        VisitWrite.new(@context, visit_id).call(:decisions, id) do |entry|
          @visit = entry.visit
          next decision(entry, id, of) if @visit.decisions.to_h.key?(of)

          answer = standing(of)
          text = why(answer, reason, told)
          [answer, *hung_on(answer)].each.with_index do |one, index|
            name = Visit::Decisions.name(:taken_back, one.id)
            entry.add(:decisions, id: index.zero? ? id : SecureRandom.uuid, name:, value: text)
          end
        end
      end

      private

      # Those that something else hangs on (a job put off, a fact in the record, an answer that was
      # taken back) are changed where they were said.
      ELSEWHERE = %i[put_off learnt kept taken_back left estimate moved].freeze
      private_constant :ELSEWHERE

      def decision(entry, id, name)
        if ELSEWHERE.include?(Visit::Decisions.parse(name)&.first)
          raise Refused.new("This is changed where it was said.", field: :of, code: :elsewhere)
        end

        entry.add(:decisions, id:, name:, value: "") unless @visit.decisions[name].nil?
      end

      def answers = @visit.readings.reject(&:superseded) + @visit.observations + @visit.notes

      def standing(id)
        answers.find { |one| one.id == id } or
          raise NotFound.new("There is no such answer that stands.", field: :of)
      end

      # Answers that are only there because of one.
      def hung_on(answer)
        return [] unless answer.is_a?(Visit::Reading)

        names = Visit::ReadingInput.hanging.select { |_, on| on.key?(answer.name) }.keys
        found = names.filter_map { |name| @visit.reading(name) }
        found + found.flat_map { |one| hung_on(one) }
      end

      def why(answer, reason, told)
        lost = @visit.hazards - without(answer).hazards
        return @context.text!(reason, :reason, max: 300, required: false).to_s if lost.empty?

        danger!(lost, reason)
        others!(answer, told)
        [@context.text!(reason, :reason, max: 300), told && "Told: #{told}"].compact.join(" – ")
      end

      def without(answer)
        names = [answer, *hung_on(answer)].to_h do |one|
          [Visit::Decisions.name(:taken_back, one.id), "-"]
        end
        @visit.with(decisions: @visit.decisions.to_h.merge(names))
      end

      def danger!(lost, reason)
        return unless reason.to_s.strip.empty?

        titles = lost.map { |one| @visit.words.say(one.title) }.join("; ")
        raise Refused.new(
          Message.of("A danger stands on this answer: {titles}. Say why it is taken back; your " \
                     "name goes with it.",
                     titles:),
          field: :reason, code: :danger_taken_back, details: { titles: }
        )
      end

      def others!(answer, told)
        return if answer.by == @context.person[:id] || !told.to_s.strip.empty?

        who = @context.records.people.find(answer.by)&.fetch(:name) or return
        raise Refused.new(
          Message.of("{who} found this danger. Tell them first, and say so.", who:),
          field: :told, code: :others_danger, details: { who: }
        )
      end
    end
  end
end

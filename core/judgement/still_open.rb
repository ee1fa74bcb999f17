# frozen_string_literal: true

module Munimen
  module Judgement
    # What earlier visits left open, on this one: each wants an answer of its own (put right, still
    # there, not looked at), unless this visit has measured or tested the very thing, or found it
    # again. “All sound here” answers none of them (handbook §26.12).
    #
    #   StillOpen.new(visit, verdicts).unanswered # => [Visit::OpenFinding, …]
    class StillOpen
      include Saying

      ANSWERS = %w[put_right still_there not_looked].freeze

      # verdicts: those of the visit's own, as left.
      def initialize(visit, verdicts)
        @visit = visit
        @own = verdicts.to_h { |verdict| [verdict.check, verdict] }
      end

      def all = @visit.open_before
      def unanswered = all.reject { |one| answered?(one) }

      # Those that were put right: {OpenFinding => how that is known}.
      def put_right
        all.filter_map { |one| [one, evidence(one)] if evidence(one) }.to_h
      end

      # Verdicts of those that were said to be there still.
      def verdicts
        all.filter_map { |one| verdict(one) if answer(one) == "still_there" && !found?(one) }
      end

      # [one of ANSWERS, how it was seen] or nil.
      def said(one)
        word, how = @visit.decisions.of_open(one.check).to_s.split(": ", 2)
        [word, how] if ANSWERS.include?(word)
      end

      private

      def answer(one) = said(one)&.first
      def answered?(one) = !answer(one).nil? || tested?(one) || found?(one)
      def found?(one) = @own[one.check]&.finding? || false

      # Measured or tested, and sound: what was only seen is asked.
      def tested?(one)
        @own[one.check]&.grade == :sound && Check[one.check] && !Check[one.check].used.empty?
      end

      def evidence(one)
        return if found?(one)
        return @visit.words.say(@own[one.check].text) if tested?(one)

        how = said(one)
        msg("Put right: {how}.", how: how.last) if how&.first == "put_right"
      end

      def verdict(one)
        texts = [one.text, msg("Open since {found_on}: still there.", found_on: one.found_on)]
        because = texts.map { |text| Verdict::Because.new(text: @visit.words.say(text)) }
        Verdict.new(check: one.check, part: one.part, grade: one.grade, because:,
                    remedy: one.remedy, due_in: one.due_in)
      end
    end
  end
end

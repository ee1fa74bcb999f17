# frozen_string_literal: true

module Munimen
  module Costing
    # What the customer said of the lines of an estimate, as far as it still counts: what was
    # accepted stays agreed while its finding stands or was put right, the rest only while it
    # stands. What was declined and is a danger by now is to be asked anew.
    #
    #   Answers.new(visit).standing # => {["job", "set_regulator"] => Line, …}
    class Answers
      def initialize(visit)
        judge = Judgement::Judge.of(visit)
        @open = judge.deficiencies.to_h { |verdict| [verdict.check, verdict] }
        @rectified = judge.rectified.to_h { |verdict| [verdict.check, verdict] }
        @lines = visit.decisions.estimates.transform_values { |text| Line.read(text) }
      end

      # The line as it was last shown, without an answer that counts no more; nil where none was.
      def [](about)
        line = @lines[about] or return
        lapsed?(line) ? line.with(answer: nil) : line
      end

      # {about => Line} of all that was answered and counts.
      def standing
        @standing ||= @lines.select { |_, line| line.answered? && !lapsed?(line) && known?(line) }
      end

      # {check => answer}
      def by_check
        standing.values.flat_map { |line| line.checks.map { |one| [one, line.answer] } }.to_h
      end

      # The Verdict that a line is about, by its check.
      def finding(check) = @open[check.to_sym] || @rectified.fetch(check.to_sym)

      private

      def lapsed?(line)
        line.answer == "declined" && line.checks.any? { |one| @open[one]&.grade == :danger }
      end

      def known?(line)
        line.checks.intersect?(@open.keys) ||
          (line.answer == "accepted" && line.checks.intersect?(@rectified.keys))
      end
    end
  end
end

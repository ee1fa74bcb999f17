# frozen_string_literal: true

module Munimen
  module Calculations
    # A calculation's own verdict, with one reason for each criterion.
    #
    #   judged = Judged.new(:element)
    #   judged.add(:sound, "12.9 Ω is sound.", measured: "12.9 ohm", limit: "…", source:)
    #   judged.verdict # => Verdict, the worst of them
    class Judged
      def initialize(id)
        @id = id
        @reasons = []
      end

      # grade: one of Verdict::GRADES. Returns self.
      def add(grade, text, measured: nil, limit: nil, source: nil)
        @reasons << [grade, Verdict::Because.new(text:, measured:, limit:, source:)]
        self
      end

      # nil when nothing could be judged. What was not tested does not hide a finding.
      def verdict
        return if @reasons.empty?

        worst = @reasons.min_by { |grade, _| Verdict::GRADES.index(grade) }.first
        worst = :not_tested if worst == :sound && @reasons.any? { |grade, _| grade == :not_tested }
        Verdict.new(
          check: @id,
          part: :heater,
          grade: worst,
          because: @reasons.sort_by { |grade, _| Verdict::GRADES.index(grade) }.map(&:last)
        )
      end

      def grade = verdict&.grade
    end
  end
end

# frozen_string_literal: true

module Munimen
  class Calculation
    # A calculation's own verdict, with one reason for each criterion.
    #
    #   judged = Judged.new(:element)
    #   judged.add(:sound, "12.9 Ω is sound.", measured: "12.9 ohm", limit: "12.2–14.2 ohm", source:)
    #   judged.verdict # => Verdict, the worst of them
    class Judged
      def initialize(id)
        @id = id
        @reasons = []
      end

      # state: a grade of Verdict. Returns self.
      def add(state, text, measured: nil, limit: nil, source: nil)
        @reasons << [state, Verdict::Because.new(text:, measured:, limit:, source:)]
        self
      end

      # nil when nothing could be judged. What was not tested does not hide a finding.
      def verdict
        return if @reasons.empty?

        worst = @reasons.min_by { |state, _| Verdict::GRADES.index(state) }.first
        worst = :not_tested if worst == :sound && @reasons.any? { |state, _| state == :not_tested }
        Verdict.new(check: @id, part: :heater, state: worst, because: @reasons.sort_by { |state, _| Verdict::GRADES.index(state) }.map(&:last))
      end

      def state = verdict&.state
    end
  end
end

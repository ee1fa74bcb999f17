# frozen_string_literal: true

module Munimen
  module Judgement
    # What each part of the drawing shows: its worst grade that still stands, and its last reading.
    class Marks
      def initialize(visit, judge = Judge.of(visit))
        @visit = visit
        @verdicts = judge.verdicts - judge.rectified
      end

      # {part => {grade:, reading:}}
      def to_h
        graded =
          @verdicts
            .group_by(&:part)
            .transform_values { |same| { grade: Verdict.worst(same).grade } }
        beside.each do |part, reading|
          (graded[part] ||= { grade: nil })[:reading] = (
            if reading.quantity
              reading.quantity.format(@visit.units)
            else
              reading.choice.to_s.tr("_", " ")
            end
          )
        end
        graded
      end

      private

      # {part => the last reading that is shown beside it}
      def beside
        @visit.readings.reject(&:superseded).each_with_object({}) do |reading, all|
          part = Visit::ReadingInput.known.fetch(reading.name).shown_at
          all[part] = reading if part
        end
      end
    end
  end
end

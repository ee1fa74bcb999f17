# frozen_string_literal: true

module Munimen
  module Judgement
    # What each part of the drawing shows: its worst grade that still stands, and its last reading.
    class Marks
      # Readings shown beside a part, the later name winning.
      SHOWN = {
        house_main: %i[static_pressure],
        vessel: %i[vessel_charge charge_set],
        tap: %i[tap_temperature],
        relief_valve: %i[relief_flow relief_drip],
        regulator: %i[mains_pressure],
        hot_outlet: %i[hot_peak_found hot_peak_after]
      }.freeze

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
        SHOWN.each do |part, names|
          reading = names.reverse.filter_map { |name| @visit.reading(name) }.first or next
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
    end
  end
end

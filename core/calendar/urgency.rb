# frozen_string_literal: true

module Munimen
  module Calendar
    # How urgent something owed is, and why: its grade first, then whether a protection is
    # missing, who is at risk, how late it is and how old the heater. Points are our own; from
    # memory.
    #
    #   Urgency.of(grade: :danger, on: Date.new(2026, 11, 1), today: Date.new(2026, 11, 23)).reasons
    class Urgency
      include Saying

      GRADES = { danger: 1000, defect: 300, nil => 120, watch: 60, advice: 10 }.freeze
      # parts that protect
      TIERS = %i[
        relief_valve
        expansion_relief
        cut_out
        high_limit
        thermostat
        vessel
        gas_control
        flue
        draft_hood
      ].freeze
      TIER = 200
      HOUSEHOLD = 150
      LATE = 2       # a day, up to LATEST days
      LATEST = 180
      OLD = 10       # years
      AGE = 10       # a year beyond that, up to 15 years

      attr_reader :points, :reasons

      def self.of(...) = new(...)

      # on, today: Date. part: what a deficiency is about. made: year, or nil. household: :at_risk
      # or :usual.
      def initialize(on:, today:, grade: nil, part: nil, made: nil, household: :usual)
        @points = 0
        @reasons = []
        add(GRADES.fetch(grade), grade && GRADE_WORDS[grade])
        if %i[danger defect].include?(grade) && TIERS.include?(part)
          add(TIER, "a protection is concerned")
        end
        add(HOUSEHOLD, "small children, old or ill people live there") if household == :at_risk
        late((today - on).to_i)
        age(today.year - made) if made
      end

      GRADE_WORDS = { danger: "danger", defect: "a defect", watch: "to be watched" }.freeze

      private

      def add(points, reason)
        @points += points
        @reasons << reason if reason
      end

      def late(days)
        return add(days.clamp(-14, 0), nil) unless days.positive?

        add([days, LATEST].min * LATE,
            days == 1 ? "1 day late" : msg("{days} days late", days:))
      end

      def age(years)
        add([years - OLD, 15].min * AGE, msg("{years} years old", years:)) if years > OLD
      end
    end
  end
end

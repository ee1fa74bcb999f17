# frozen_string_literal: true

module Munimen
  class Visit
    class Format
      # A Visit as a file in the open format: read again it gives the same verdicts.
      module Written
        module_function

        # Plain data, ready for JSON.
        def of(visit)
          {
            version: VERSION,
            date: visit.date&.iso8601,
            now: moment(visit.now),
            site: {
              rulebook: visit.rules.book.id
            },
            house_rules: visit.rules.to_h,
            heater: visit.heater.to_h(units: visit.units),
            jobs: visit.jobs,
            readings: readings(visit),
            observations: visit.observations.map { |one| plain(one) },
            steps: visit.steps.map { |one| plain(one) },
            decisions: visit.decisions.to_h,
            notes: visit.notes.map { |one| plain(one) }
          }.compact
        end

        def readings(visit)
          arrival = Work::StateSpace.new(visit.heater).arrival
          visit.readings.map do |one|
            state = one.state.to_h.reject { |name, value| arrival[name] == value }
            {
              **one.to_h.slice(:id, :at, :by, :instrument),
              **ReadingInput.parted(one.name),
              value: one.typed,
              method: one.entry_method,
              corrected_by: (one.superseded unless one.as_found),
              as: as(visit, one),
              state:
            }.compact
          end
        end

        # How it was found, or left, where both are known; else nil.
        def as(visit, one)
          return "found" if one.as_found

          "left" if visit.readings.any? { |other| other.as_found && other.superseded == one.id }
        end

        def plain(one)
          one.to_h.except(:seq, :superseded, :apart, :received).compact.transform_values do |value|
            value.is_a?(Time) ? moment(value) : value
          end
        end

        def moment(time) = time&.getutc&.iso8601(3)
        private_class_method :readings, :as, :plain, :moment
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # How a heater is presumed to be found: as the last signed visit left it. A danger that was not
    # cleared stands, and what was off, shut or locked is so.
    class Arrival
      # What is known again only by looking.
      FORGOTTEN = %w[left on_site identified looked discharge consent static charge air_valve cycle
                     max_hand gauge].freeze

      def initialize(context) = @context = context

      # {variable => value} as text of what is not as in normal operation.
      def of(heater_id)
        last = @context.records.visits.left_state(heater_id) or return {}
        return before_it_was_kept(heater_id, last) if last[:state].nil?

        evacuated = last[:state].slice("left", "on_site") if last[:outcome] == "evacuated"
        last[:state].except(*FORGOTTEN).merge(evacuated || {})
      end

      private

      # Visits signed by an earlier version: the dangers that are still open.
      def before_it_was_kept(heater_id, last)
        open = @context.records.deficiencies.open(heater_id).values
        dangers = open.select { |row| row[:grade] == "danger" }.flat_map { |row| told_by(row) }
        value = last[:outcome] == "left_off" ? "secured" : "standing"
        dangers.uniq.to_h { |hazard| [hazard.variable.to_s, value] }
      end

      def told_by(row)
        check = row[:check].split(".").first.to_sym
        readings = Judgement::Check.all.find { |one| one.id == check }&.used.to_a
        Hazards::Hazard.told_by(check) | readings.flat_map { |name| Hazards::Hazard.shown_by(name) }
      end
    end
  end
end

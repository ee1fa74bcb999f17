# frozen_string_literal: true

module Munimen
  module Pocket
    # Deficiencies of heaters across visits.
    class Deficiencies
      def initialize(tables) = @tables = tables

      def find(id)
        found = @tables.find(:deficiencies, id)
        return Store::Values.said(found) if found

        raise NotFound.new("There is no such deficiency.", field: :deficiency)
      end

      # All of a heater, open ones first, newest first; `seen_in` as a list of visit ids.
      def of_heater(heater_id)
        rows = @tables.where(:deficiencies, heater_id:).each_with_index.sort_by do |row, index|
          [row[:status] == "open" ? 0 : 1, -row[:found_on].delete("-").to_i, index]
        end
        rows.map { |row, _| Store::Values.said(row).merge(seen_in: JSON.parse(row[:seen_in])) }
      end

      def open(heater_id)
        @tables.where(:deficiencies, heater_id:, status: "open").to_h { |row| [row[:check], row] }
      end

      # Writes a finding down: a new one, or one more sighting of an open one of the same check.
      def found(heater_id:, visit_id:, on:, id:, **attributes)
        attributes = Store::Values.with_said(attributes)
        known = self.open(heater_id)[attributes.fetch(:check)]
        return sighted(known, visit_id, attributes) if known

        @tables.insert(
          :deficiencies,
          { id:, heater_id:, found_in: visit_id, found_on: on, status: "open",
            seen_in: [visit_id], closed_in: nil, closed_on: nil, evidence: nil, **attributes }
        )
      end

      def close(id, status:, visit_id:, on:, evidence:)
        @tables.update(
          :deficiencies, id, { status:, closed_in: visit_id, closed_on: on, evidence: }
        )
      end

      private

      def sighted(known, visit_id, attributes)
        seen_in = (JSON.parse(known[:seen_in]) + [visit_id]).uniq
        @tables.update(
          :deficiencies, known[:id], { seen_in:, **attributes.slice(:grade, :text, :remedy, :said) }
        )
      end
    end
  end
end

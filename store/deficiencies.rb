# frozen_string_literal: true

module Munimen
  module Store
    # Deficiencies of heaters across visits: found, open with its age, then rectified with
    # evidence or accepted in writing. Found again it is the same one, with every visit that saw
    # it.
    class Deficiencies
      def initialize(database)
        @rows = database[:deficiencies]
      end

      def find(id)
        found = @rows.where(id:).first
        if found
          Values.said(found)
        else
          raise(NotFound.new("There is no such deficiency.",
        field: :deficiency))
        end
      end

      # All of a heater, open ones first, newest first; `seen_in` as a list of visit ids.
      def of_heater(heater_id)
        @rows
          .where(heater_id:)
          .order(Sequel.case({ "open" => 0 }, 1, :status), Sequel.desc(:found_on))
          .all
          .map { |row| Values.said(row).merge(seen_in: JSON.parse(row[:seen_in])) }
      end

      # Open ones of a heater by their check.
      def open(heater_id) = @rows.where(heater_id:, status: "open").as_hash(:check)

      # Writes a finding down: a new one, or one more sighting of an open one of the same check.
      def found(heater_id:, visit_id:, on:, id:, **attributes)
        attributes = Values.with_said(attributes)
        known = @rows.where(heater_id:, check: attributes.fetch(:check), status: "open").first
        unless known
          return @rows.insert(
            id:,
            heater_id:,
            found_in: visit_id,
            found_on: on,
            status: "open",
            seen_in: JSON.generate([visit_id]),
            **attributes
          )
        end

        seen = (JSON.parse(known[:seen_in]) + [visit_id]).uniq
        @rows.where(id: known[:id]).update(
          seen_in: JSON.generate(seen),
          **attributes.slice(:grade, :text, :remedy, :said)
        )
      end

      # status: "rectified" or "accepted".
      def close(id, status:, visit_id:, on:, evidence:)
        @rows.where(id:).update(status:, closed_in: visit_id, closed_on: on, evidence:)
      end
    end
  end
end

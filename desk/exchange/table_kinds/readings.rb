# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Readings: out of every visit, into visits that are under way. What is signed is not touched.
      class Readings < Kind
        TITLE = "Readings"
        COLUMNS = %i[id visit_id name value at method instrument].freeze

        def table = :readings
        def stored = super.merge(value: :typed)
        def only = { superseded_by: nil }
        def order = %i[visit_id at id]
        def needed = %i[visit_id name value]

        private

        def write(id, cells, before)
          if before
            same = [cells[:visit_id].to_s.downcase, cells[:name], cells[:value]]
            return if before.values_at(:visit_id, :name, :value) == same

            raise Refused.new(
              "A reading is not changed by a file: correct it in its visit.",
              code: :known
            )
          end
          TakeReading.new(@context).call(
            id!(cells[:visit_id], :visit_id),
            id:,
            name: cells[:name],
            value: cells[:value],
            **cells.slice(:at, :method, :instrument).compact
          )
        end
      end
    end
  end
end

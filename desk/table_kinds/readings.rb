# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Readings: out of every visit, into visits that are under way. What is signed is not touched.
      class Readings < Kind
        def columns = %i[id visit_id name value at method instrument]
        def needed = %i[visit_id name value]
        def rows = database[:readings].where(superseded_by: nil).order(:visit_id, :at, :id).select(:id, :visit_id, :name, Sequel[:typed].as(:value), :at, :method, :instrument)

        private

        def now(id) = database[:readings].where(id:).select(:visit_id, :name, :typed).first

        def write(id, cells, before)
          if before
            return if before.values == [cells[:visit_id].to_s.downcase, cells[:name], cells[:value]]

            raise Refused.new("A reading is not changed by a file: correct it in its visit.", code: :known)
          end
          TakeReading.new(@context).call(id!(cells[:visit_id], :visit_id), id:, name: cells[:name], value: cells[:value], **cells.slice(:at, :method, :instrument).compact)
        end
      end
    end
  end
end

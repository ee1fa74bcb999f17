# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Heaters, with a column for each field of the plate.
      class Heaters < Kind
        def columns = %i[id site_id label] + Heater::Fields::ALL
        def needed = %i[label kind]
        def fixed = %i[site_id]
        def rows = database[:heaters].order(:site_id, :id).map { |row| row.slice(:id, :site_id, :label).merge(JSON.parse(row[:installation], symbolize_names: true)) }

        private

        def now(id) = database[:heaters].where(id:).select(:site_id, :label, :installation).first

        def write(id, cells, before)
          installation = (before ? JSON.parse(before[:installation], symbolize_names: true) : {}).merge(cells.slice(*Heater::Fields::ALL)).compact
          return KeepHeater.new(@context).change(id, label: cells[:label], installation:) if before

          KeepHeater.new(@context).add(id:, site_id: id!(cells[:site_id], :site_id), label: cells[:label], installation:)
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Heaters, with a column for each field of the plate.
      class Heaters < Kind
        TITLE = "Heaters"
        COLUMNS = (%i[id site_id label] + Heater::Fields::ALL).freeze

        def table = :heaters
        def stored = %i[id site_id label installation].to_h { |name| [name, name] }
        def columns = COLUMNS
        def order = %i[site_id id]
        def needed = %i[label kind]
        def fixed = %i[site_id]
        def rows = super.map { |row| row.except(:installation).merge(row[:installation]) }

        private

        def write(id, cells, before)
          known = before ? before[:installation] : {}
          installation = known.merge(cells.slice(*Heater::Fields::ALL)).compact
          return KeepHeater.new(@context).change(id, label: cells[:label], installation:) if before

          KeepHeater.new(@context).add(
            id:,
            site_id: id!(cells[:site_id], :site_id),
            label: cells[:label],
            installation:
          )
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Pocket
    # Heaters as installed, in memory: as Store::Heaters.
    class Heaters
      def initialize(tables) = @tables = tables

      def find(id) = Store::Values.of(Places.new(@tables).of(id)[:heater])

      def at_site(site_id)
        @tables.where(:heaters, site_id:).sort_by { |row| row[:label] }
               .map { |row| Store::Values.of(row) }
      end

      def add(id:, site_id:, label:, installation:, at:)
        @tables.insert(:heaters, { id:, site_id:, label:, installation:, created_at: at })
      end

      def update(id, label:, installation:)
        @tables.update(:heaters, id, { label:, installation: })
      end

      def keep_end(id, ended)
        @tables.update(:heaters, id, { ended: ended && JSON.generate(ended) })
      end

      # The heater with its site and customer, as one row: see Store::Heaters.
      def with_place(id)
        heater, site, customer = Places.new(@tables).of(id).values_at(:heater, :site, :customer)
        row = heater.slice(:id, :label, :installation, :ended, :site_id)
                    .merge(site.slice(:address, :access, :code_profile, :house_rules, :customer_id))
                    .merge(customer: customer[:name], phone: customer[:phone])
        place = Store::Values.of(row)
        place.merge(heater: Store::VisitMapper.heater(row[:installation], place[:book].units))
      end
    end
  end
end

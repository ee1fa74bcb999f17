# frozen_string_literal: true

module Munimen
  module Pocket
    # Customers and their sites, in memory: as Store::Customers.
    class Customers
      LIST = 100

      def initialize(tables) = @tables = tables

      def list(search: nil, limit: LIST, after: nil)
        asked = Store::SearchWords.asked(search)
        return [] if search.to_s.strip != "" && asked.empty?

        found = @tables[:customers].select { |row| begins?(row, asked) }
        sorted = found.sort_by { |row| row.values_at(:name, :id) }
        last = after && find(after).values_at(:name, :id)
        sorted = sorted.select { |row| (row.values_at(:name, :id) <=> last).positive? } if last
        sorted.first(limit).map do |row|
          row.slice(:id, :name, :phone, :email).merge(addresses: addresses(row[:id]))
        end
      end

      def find(id)
        @tables.find(:customers, id) ||
          raise(NotFound.new("There is no such customer.", field: :customer))
      end

      def site(id)
        Store::Values.of(@tables.find(:sites, id)) ||
          raise(NotFound.new("There is no such site.", field: :site))
      end

      def sites_of(customer_id)
        @tables.where(:sites, customer_id:).sort_by { |row| row[:address] }
               .map { |row| Store::Values.of(row) }
      end

      def add(attributes)
        @tables.insert(:customers, attributes)
        find(attributes.fetch(:id))
      end

      def add_site(attributes)
        @tables.insert(:sites, { house_rules: {}, household: "usual", lat: nil, lng: nil,
                                 **attributes })
        site(attributes.fetch(:id))
      end

      def update(id, attributes) = @tables.update(:customers, id, attributes)
      def update_site(id, attributes) = @tables.update(:sites, id, attributes)

      private

      def addresses(id) = @tables.where(:sites, customer_id: id).map { |row| row[:address] }.sort

      def begins?(row, asked)
        words = Store::SearchWords.of(row[:name], row[:phone], addresses(row[:id]))
        asked.all? { |word| words.any? { |one| one.start_with?(word) } }
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Store
    # Customers and their sites.
    class Customers
      def initialize(database)
        @customers = database[:customers]
        @sites = database[:sites]
      end

      # Customers by name, with their sites' addresses; `search` matches name, address or phone.
      def list(search: nil, limit: 200)
        rows = @customers.left_join(:sites, customer_id: :id).order(Sequel[:customers][:name])
                         .select(Sequel[:customers][:id], :name, :phone, :email, Sequel[:sites][:address])
        search.to_s.split.each do |word|
          rows = rows.where(Sequel.|(*[:name, :phone, Sequel[:sites][:address]].map { |column| Sequel.ilike(column, "%#{rows.escape_like(word)}%") }))
        end
        rows.limit(limit).all.group_by { |row| row[:id] }
            .map { |_, same| same.first.slice(:id, :name, :phone, :email).merge(addresses: same.filter_map { |row| row[:address] }) }
      end

      def find(id) = @customers.where(id:).first || raise(NotFound.new("There is no such customer.", field: :customer))
      def site(id) = @sites.where(id:).first || raise(NotFound.new("There is no such site.", field: :site))
      def sites_of(customer_id) = @sites.where(customer_id:).order(:address).all

      # Adds a customer or a site once; a second sending of the same id changes nothing.
      def add(attributes) = @customers.insert_conflict(target: :id).insert(attributes)
      def update_site(id, attributes) = @sites.where(id:).update(attributes)
      def add_site(attributes) = @sites.insert_conflict(target: :id).insert(attributes)
    end
  end
end

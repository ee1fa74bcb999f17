# frozen_string_literal: true

module Munimen
  module Desk
    # A customer with sites and heaters.
    class ViewCustomer
      def initialize(context) = @context = context

      def call(id)
        records = @context.records
        customer = records.customers.find(id)
        sites = records.customers.sites_of(id).map do |site|
          heaters = records.heaters.at_site(site[:id]).map do |row|
            {
              id: row[:id],
              label: row[:label],
              ended: row[:ended],
              **row[:installation].slice(:kind, :maker, :model, :capacity)
            }
          end
          site.slice(:id, :address, :access, :code_profile, :household, :lat, :lng).merge(
            units: site[:book].units,
            heaters:
          )
        end
        customer.slice(:id, :name, :phone, :email, :note, :language).merge(
          reminders: customer[:reminders] != 0, languages: Words::Language.offered, sites:
        )
      end
    end
  end
end

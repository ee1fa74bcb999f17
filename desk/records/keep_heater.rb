# frozen_string_literal: true

module Munimen
  module Desk
    # Takes down a heater from its data plate, or what has become known of it later.
    class KeepHeater
      def initialize(context) = @context = context

      # installation: the open form, as typed, in the site's units.
      def add(site_id:, label:, installation:, id: nil)
        @context.may!(:records)
        unless id
          raise Error.new(
            "id is missing: a UUID, made by whoever writes.",
            field: :id,
            code: :missing
          )
        end

        site = @context.records.customers.site(site_id)
        @context.records.heaters.add(
          id:,
          site_id:,
          label: @context.text!(label, :label),
          installation: kept(installation, site),
          at: @context.stamp
        )
        @context.records.heaters.find(id)
      end

      def change(id, label:, installation:)
        @context.may!(:records)
        row = @context.records.heaters.find(id)
        site = @context.records.customers.site(row[:site_id])
        @context.records.heaters.update(
          id,
          label: @context.text!(label, :label),
          installation: kept(installation, site)
        )
        @context.records.heaters.find(id)
      end

      private

      def kept(installation, site)
        units = site[:book].units
        Heater::Installation.from(installation, units:).to_h(units:)
      end
    end
  end
end

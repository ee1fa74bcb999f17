# frozen_string_literal: true

module Munimen
  module Desk
    # Changes what is known of a site: address, access, who lives there, where it lies.
    class ChangeSite
      HOUSEHOLDS = %w[usual at_risk].freeze

      def initialize(context) = @context = context

      # lat, lng: degrees, both or neither. Returns the site's row.
      def call(id, address:, access: nil, household: "usual", lat: nil, lng: nil)
        @context.may!(:records)
        site = @context.records.customers.site(id)
        raise Error.one_of(HOUSEHOLDS, field: :household) unless HOUSEHOLDS.include?(household)
        if lat.nil? != lng.nil?
          raise Error.new(
            "A place has latitude and longitude, or neither.",
            field: lat ? :lng : :lat,
            code: :missing
          )
        end

        where = { lat: degrees(lat, :lat, 90), lng: degrees(lng, :lng, 180) }
        @context.records.customers.update_site(
          site[:id],
          address: @context.text!(address, :address),
          household:,
          **where,
          access: @context.text!(access, :access, max: 2000, required: false)
        )
        @context.records.customers.site(id)
      end

      private

      def degrees(value, field, most)
        return value if value.nil? || value.between?(-most, most)

        raise Error.new(
          Message.of("{field} must be between -{most} and {most} degrees.", field:, most:),
          field:,
          code: :out_of_range
        )
      end
    end
  end
end

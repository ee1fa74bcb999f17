# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Sites of customers.
      class Sites < Kind
        TITLE = "Sites"
        COLUMNS = %i[id customer_id address access code_profile household lat lng].freeze

        def table = :sites
        def order = %i[customer_id id]
        def needed = %i[address]
        def fixed = %i[customer_id code_profile]

        private

        def write(id, cells, before)
          unless before
            AddSite.new(@context).call(
              id:,
              customer_id: id!(cells[:customer_id], :customer_id),
              address: cells[:address],
              access: cells[:access],
              code_profile: cells[:code_profile] || @records.settings.code_profile
            )
          end
          known = (before || {}).merge(cells)
          ChangeSite.new(@context).call(
            id,
            **known.slice(:address, :access),
            household: known[:household] || "usual",
            lat: degrees(known[:lat], :lat),
            lng: degrees(known[:lng], :lng)
          )
        end

        def degrees(text, field)
          return if text.nil?

          Float(text, exception: false) ||
            raise(Error.new(Message.of("{field} must be a number of degrees.",
                                       field:), field:, code: :not_a_number))
        end
      end
    end
  end
end

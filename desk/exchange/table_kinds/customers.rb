# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Customers.
      class Customers < Kind
        TITLE = "Customers"
        COLUMNS = %i[id name phone email note].freeze

        def table = :customers
        def order = %i[name id]
        def needed = %i[name]

        private

        def write(id, cells, before)
          if before
            ChangeCustomer.new(@context).call(id, **cells.except(:id))
          else
            AddCustomer.new(@context).call(
              id:,
              **cells.slice(:phone, :email, :note),
              name: cells[:name]
            )
          end
        end
      end
    end
  end
end

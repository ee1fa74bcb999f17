# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Customers.
      class Customers < Kind
        def columns = %i[id name phone email note]
        def needed = %i[name]
        def rows = database[:customers].order(:name, :id)

        private

        def now(id) = database[:customers].where(id:).select(*columns).first

        def write(id, cells, before)
          before ? ChangeCustomer.new(@context).call(id, **cells.except(:id)) : AddCustomer.new(@context).call(id:, **cells.slice(:phone, :email, :note), name: cells[:name])
        end
      end
    end
  end
end

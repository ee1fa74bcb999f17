# frozen_string_literal: true

module Munimen
  module Pocket
    # Where a heater is, and whose it is.
    class Places
      def initialize(tables) = @tables = tables

      # {heater:, site:, customer:}, rows. Raises NotFound.
      def of(heater_id)
        heater = @tables.find(:heaters, heater_id) ||
                 raise(NotFound.new("There is no such heater.", field: :heater))
        site = @tables.find(:sites, heater[:site_id])
        { heater:, site:, customer: @tables.find(:customers, site[:customer_id]) }
      end
    end
  end
end

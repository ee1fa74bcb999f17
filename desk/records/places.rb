# frozen_string_literal: true

module Munimen
  module Desk
    # Where things lie, for a plain map: the firm's own place, and sites of which it is known.
    class Places
      MOST = 2000

      def initialize(context) = @context = context

      # {base: {lat:, lng:} or nil, places: [{address:, lat:, lng:}]}, the nearest to the base first
      # where there are too many.
      def list
        lat, lng = @context.records.settings.firm.values_at("lat", "lng")
        base = lat && lng ? { lat:, lng: } : nil
        places = @context.records.customers.placed
        if base
          places = places.sort_by do |one|
            ((one[:lat] - lat)**2) + (((one[:lng] - lng) * Math.cos(lat * Math::PI / 180))**2)
          end
        end
        { base:, places: places.first(MOST) }
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Where heaters stand: address, access, the site's own house rules.
      class Sites < Resource
        on(:places) { Desk::Places.new(desk).list }
        on(:siteRules) do
          Desk::HouseRules.new(desk).site(id, **sent)
          Desk::ViewSettings.new(desk).call(site_id: id)
        end
      end
    end
  end
end

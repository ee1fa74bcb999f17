# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's lists of parts and of codes on displays, and what its work costs; what of them
      # fits is in Desk::Routes.
      class Parts < Resource
        on(:rates) { Desk::KeepRates.new(desk).show }
        on(:setRates) { Desk::KeepRates.new(desk).call(**sent) }
        on(:codes) { Desk::DisplayCodes.new(desk).text }
        on(:replaceCodes) { Desk::DisplayCodes.new(desk).replace(sent[:csv]) }
        on(:parts) { Desk::MatchParts.new(desk).catalogue_text }
        on(:replaceParts) do
          Desk::MatchParts.new(desk).replace(sent[:csv])
          Desk::MatchParts.new(desk).catalogue_text
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's own rules, and what its people are qualified for.
      class Settings < Resource
        on(:settings) { Desk::ViewSettings.new(desk).call(site_id: params["site"]) }
        on(:firmRules) do
          Desk::HouseRules.new(desk).firm(**sent)
          Desk::ViewSettings.new(desk).call
        end
        on(:rulebook) { Desk::CorrectLimit.new(desk).show(params["book"]) }
        on(:correctLimit) do
          said = sent.slice(:at_least, :at_most, :clause, :reason)
          Desk::CorrectLimit.new(desk).call(params["book"], params["limit"], **said)
        end
        on(:qualify) do
          Desk::Qualify.new(desk).call(params["account"].to_i, **sent)
          Desk::ViewSettings.new(desk).call
        end
      end
    end
  end
end

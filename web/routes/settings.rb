# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's own rules, and what its people are qualified for.
      module Settings
        def self.registered(app)
          app.get("/api/settings") do
            json(Desk::ViewSettings.new(desk).call(site_id: params["site"]))
          end
          app.put("/api/settings/house-rules") do
            Desk::HouseRules.new(desk).firm(**sent)
            json(Desk::ViewSettings.new(desk).call)
          end
          app.get("/api/books/:book") do
            json(Desk::CorrectLimit.new(desk).show(params["book"]))
          end
          app.put("/api/books/:book/limits/:limit") do
            said = sent.slice(:at_least, :at_most, :clause, :reason)
            json(Desk::CorrectLimit.new(desk).call(params["book"], params["limit"], **said))
          end
          app.put("/api/people/:account/qualifications", fresh: true) do
            Desk::Qualify.new(desk).call(params["account"].to_i, **sent)
            json(Desk::ViewSettings.new(desk).call)
          end
        end
      end
    end
  end
end

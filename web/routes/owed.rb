# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What is owed, and what was decided about it; what is known of a site.
      module Owed
        def self.registered(app)
          app.get("/api/owed") { json(Desk::Owed.new(desk).call(show: params["show"] || "open")) }
          app.post("/api/owed/:key/decision") { json(Desk::Owed.new(desk).decide(params["key"], **sent)) }
          app.put("/api/sites/:id") { json(Desk::ViewCustomer.new(desk).call(Desk::ChangeSite.new(desk).call(id, **sent)[:customer_id])) }
        end
      end
    end
  end
end

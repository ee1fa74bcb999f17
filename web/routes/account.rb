# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # One's own account: where one is signed in, the second factor; and what the owner can look
      # up about all.
      module Account
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/sessions") { json(sessions.list) }
          app.post("/api/sessions/others/end") { json(sessions.end_others) }
          app.post("/api/sessions/:session/end") { json(sessions.end_one(params["session"])) }
          app.get("/api/security-log") do
            desk.may!(:security)
            json(records.security_log.list)
          end
        end

        # What its routes share.
        module Helpers
          def sessions = Desk::Sessions.new(desk, env["munimen.session"])
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # One's own account: where one is signed in, the second factor; and what the owner can look
      # up about all.
      module Account
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/sessions", account: true) { json(sessions.list) }
          app.post("/api/sessions/others/end", account: true) { json(sessions.end_others) }
          app.post("/api/sessions/:session/end", account: true) do
            json(sessions.end_one(params["session"]))
          end
          app.get("/api/security-log") do
            desk.may!(:security)
            json(security)
          end
          app.put("/api/settings/sign-in", fresh: true) do
            desk.may!(:security)
            asked = sent[:second_factor]
            records.settings[:second_factor] = asked == "nobody" ? nil : asked
            json(security)
          end
        end

        # What its routes share.
        module Helpers
          def security
            {
              second_factor: records.settings[:second_factor] || "nobody",
              lines: records.security_log.list
            }
          end

          def sessions = Desk::Sessions.new(desk, env["munimen.session"])
        end
      end
    end
  end
end

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
          app.put("/api/me") { json(profile.keep(**sent)) }
          app.get("/api/passkeys", account: true) { json(records.people.passkeys(person[:id])) }
          tokens(app)
          for_all(app)
        end

        # What the owner looks up and sets about everybody.
        def self.for_all(app)
          app.get("/api/retention") { json(Desk::Retention.new(desk).show) }
          app.put("/api/settings/retention", fresh: true) do
            json(Desk::Retention.new(desk).set(sent[:years]))
          end
          app.get("/api/security-log") { json(Desk::Security.new(desk).show) }
          app.put("/api/settings/sign-in", fresh: true) do
            json(Desk::Security.new(desk).ask(**sent))
          end
        end

        # For scripts, and what they ask.
        def self.tokens(app)
          app.get("/api/tokens") { json(tokens.list) }
          app.post("/api/tokens", fresh: true) { json(tokens.make(**sent)) }
          app.post("/api/tokens/:id/end") { json(tokens.close(id)) }
          app.get("/api/changes") do
            limit = Integer(params["limit"] || 500)
            known = Integer(params["after"] || 0)
            found = records.changes.after(known, limit:)
            last = found.last ? found.last[:seq] : known
            json({ changes: found, last:, more: found.size == limit })
          end
        end

        # What its routes share.
        module Helpers
          def profile = Desk::Profile.new(firm)
          def tokens = Desk::Tokens.new(firm)
          def sessions = Desk::Sessions.new(desk, env["munimen.session"])
        end
      end
    end
  end
end

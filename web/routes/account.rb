# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # One's own account: where one is signed in, the second factor; and what the owner can look
      # up about all.
      class Account < Resource
        on(:sessions) { sessions.list }
        on(:endOtherSessions) { sessions.end_others }
        on(:endSession) { sessions.end_one(params["session"]) }
        on(:setMe) { Desk::Profile.new(firm).keep(**sent) }
        on(:passkeys) { records.people.passkeys(person[:id]) }

        # What the owner looks up and sets about everybody.
        on(:retention) { Desk::Retention.new(desk).show }
        on(:setRetention) { Desk::Retention.new(desk).set(sent[:years]) }
        on(:securityLog) { Desk::Security.new(desk).show }
        on(:setSignIn) { Desk::Security.new(desk).ask(**sent) }

        # For scripts, and what they ask.
        on(:tokens) { tokens.list }
        on(:makeToken) { tokens.make(**sent) }
        on(:endToken) { tokens.close(id) }
        on(:changes) do
          limit = Integer(params["limit"] || 500)
          known = Integer(params["after"] || 0)
          found = records.changes.after(known, limit:)
          last = found.last ? found.last[:seq] : known
          { changes: found, last:, more: found.size == limit }
        end

        private

        def tokens = Desk::Tokens.new(firm)
        def sessions = Desk::Sessions.new(desk, env["munimen.session"])
      end
    end
  end
end

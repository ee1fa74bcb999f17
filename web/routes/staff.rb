# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm and who works there.
      module Staff
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/settings/firm") { json(Desk::KeepFirm.new(desk).show) }
          app.put("/api/settings/firm") { json(Desk::KeepFirm.new(desk).call(**sent)) }
          app.get("/api/settings/first-steps") { json(Desk::FirstSteps.new(desk).list) }
          app.put("/api/settings/first-steps/:step") do
            json(Desk::FirstSteps.new(desk).leave_out(params["step"], **sent))
          end
          people(app)
          links(app)
        end

        def self.people(app)
          app.get("/api/people") { json(staff.list) }
          app.post("/api/people", fresh: true) { json(staff.invite(**sent, **by_mail)) }
          app.put("/api/people/:account", fresh: true) do
            json(staff.change(account_id, **sent))
          end
          app.get("/api/people/:account/visits") { json(hand_over.list(account_id)) }
          app.post("/api/people/:account/hand-over") do
            json(hand_over.call(account_id, **sent))
          end
          app.post("/api/people/:account/link", fresh: true) do
            json(staff.new_link(account_id, **by_mail))
          end
          app.post("/api/people/:account/close", fresh: true) { json(staff.close(account_id)) }
          app.post("/api/people/:account/pause", fresh: true) { json(staff.pause(account_id)) }
          app.post("/api/people/:account/open", fresh: true) { json(staff.reopen(account_id)) }
        end

        # For whoever holds one.
        def self.links(app)
          app.get("/api/begin/:code", anyone: true) { json(beginning.rulebooks(params["code"])) }
          app.post("/api/begin/:code", anyone: true) do
            json(beginning.call(params["code"], **sent))
          end
          app.get("/api/join/:token", anyone: true) { json(nobodys.whose(params["token"])) }
          app.post("/api/join/:token", anyone: true) do
            said = nobodys.join(params["token"], **sent) do |account, again|
              env["munimen.reset"] = account if again
            end
            json(said)
          end
        end

        # What its routes share.
        module Helpers
          def hand_over = Desk::HandOver.new(desk)
          def staff = Desk::Staff.new(desk)
          def by_mail = { outbox: Desk::Outbox.new(desk, base:), base: }
          def nobodys = Desk::Staff.new(nobody)
          def beginning = Desk::BeginFirm.new(nobody, config.begin_code)
          def account_id = params["account"].to_i
        end
      end
    end
  end
end

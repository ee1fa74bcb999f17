# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Messages to customers, and the mail server that sends them.
      module Outbox
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/outbox") { json(outbox.list) }
          app.post("/api/outbox/reports") do
            json(outbox.report(sent[:visit].downcase, **sent.slice(:id, :recipient, :days)))
          end
          app.post("/api/outbox/reminders") do
            json(outbox.reminder(sent[:due], **sent.slice(:id, :recipient)))
          end
          app.post("/api/outbox/bookings") do
            json(outbox.booking(sent[:visit].downcase,
                                **sent.slice(:id, :what, :offset, :recipient)))
          end
          app.post("/api/outbox/:id/send") { json(outbox.deliver(id)) }
          app.get("/api/outbox/:id/message.eml") do
            file "message/rfc822", outbox.eml(id), "message.eml"
          end
          due(app)
          mail(app)
        end

        # What is not told one by one.
        def self.due(app)
          app.get("/api/outbox/due-reminders") { json(reminders.list) }
          app.post("/api/outbox/due-reminders") { json(reminders.write(sent[:dues])) }
        end

        def self.mail(app)
          app.put("/api/settings/mail/by-itself") do
            json(outbox.go_by_themselves(sent[:kinds], attached: sent[:attached]))
          end
          app.post("/api/settings/mail/try") { json(outbox.try) }
          app.put("/api/settings/mail", fresh: true) { json(outbox.set(**sent)) }
        end

        # What its routes share.
        module Helpers
          def outbox = Desk::Outbox.new(desk, base:)
          def reminders = Desk::Reminders.new(desk, outbox)
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Messages to customers, and the mail server that sends them.
      class Outbox < Resource
        on(:outbox) { outbox.list }
        on(:mailReport) { outbox.report(visit, **sent.slice(:id, :recipient, :days)) }
        on(:mailReminder) { outbox.reminder(sent[:due], **sent.slice(:id, :recipient)) }
        on(:mailBooking) { outbox.booking(visit, **sent.slice(:id, :what, :offset, :recipient)) }
        on(:sendMail) { outbox.deliver(id) }
        raw(:eml) { file "message/rfc822", outbox.eml(id), "message.eml" }
        on(:dueReminders) { reminders.list }
        on(:mailDueReminders) { reminders.write(sent[:dues]) }
        on(:mailByItself) { outbox.go_by_themselves(sent[:kinds], attached: sent[:attached]) }
        on(:tryMail) { outbox.try }
        on(:setMail) { outbox.set(**sent) }

        private

        def outbox = Desk::Outbox.new(desk, base:)
        def reminders = Desk::Reminders.new(desk, outbox)
        def visit = sent[:visit].downcase
      end
    end
  end
end

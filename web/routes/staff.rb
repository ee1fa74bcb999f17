# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm and who works there.
      class Staff < Resource
        on(:firm) { Desk::KeepFirm.new(desk).show }
        on(:setFirm) { Desk::KeepFirm.new(desk).call(**sent) }
        on(:firstSteps) { Desk::FirstSteps.new(desk).list }
        on(:leaveOutStep) { Desk::FirstSteps.new(desk).leave_out(params["step"], **sent) }

        on(:people) { staff.list }
        on(:invitePerson) { staff.invite(**sent, **by_mail) }
        on(:changePerson) { staff.change(account, **sent) }
        on(:visitsOfPerson) { hand_over.list(account) }
        on(:handOver) { hand_over.call(account, **sent) }
        on(:newLink) { staff.new_link(account, **by_mail) }
        on(:closePerson) { staff.close(account) }
        on(:pausePerson) { staff.pause(account) }
        on(:openPerson) { staff.reopen(account) }

        # For whoever holds a link.
        on(:beginning) { beginning.rulebooks(params["code"]) }
        on(:begin) { beginning.call(params["code"], **sent) }
        on(:invitation) { invited.whose(params["token"]) }
        on(:join) do
          invited.join(params["token"], **sent) do |account, again|
            env["munimen.reset"] = account if again
          end
        end

        private

        def hand_over = Desk::HandOver.new(desk)
        def staff = Desk::Staff.new(desk)
        def invited = Desk::Staff.new(nobody)
        def beginning = Desk::BeginFirm.new(nobody, config.begin_code)
        def by_mail = { outbox: Desk::Outbox.new(desk, base:), base: }
        def account = params["account"].to_i
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The day's and the week's plan: as booked, as dragged, as proposed; who goes when, and who
      # is away.
      class DayPlan < Resource
        on(:plan) { day_plan(params["from"], params["days"], params["offset"]).call }
        on(:checkPlan) { arranged.check(sent[:arrangement]) }
        on(:proposePlan) { arranged.propose }
        on(:applyPlan) { arranged.apply(sent[:arrangement]) }
        on(:crew) { Desk::Crew.new(desk).call(on: date(params["on"], :on)) }
        on(:booking) { booking.show(id) }
        on(:changeBooking) do
          booking.call(id, **sent)
          booking.show(id)
        end
        on(:absences) { absences.list }
        on(:addAbsence) { absences.add(**sent) }
        on(:endAbsence) { absences.remove(id) }

        private

        def booking = Desk::ChangeBooking.new(desk)
        def absences = Desk::Absences.new(desk)
        def arranged = day_plan(sent[:from], sent[:days], sent[:offset])

        def day_plan(from, days, offset)
          Desk::DayPlan.new(desk, from: date(from, :from), days: days.to_i, offset: offset.to_i)
        end

        def date(text, field)
          text ? Date.iso8601(text) : Date.today
        rescue ArgumentError
          raise Error.new(Message.of("{field} must be a date such as 2026-11-30.",
                                     field:), field:, code: :bad_date)
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The day's and the week's plan: as booked, as dragged, as proposed.
      module DayPlan
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/plan") do
            json(day_plan(params["from"], params["days"], params["offset"]).call)
          end
          app.post("/api/plan/check") { json(arranged.check(sent[:arrangement])) }
          app.post("/api/plan/propose") { json(arranged.propose) }
          app.put("/api/plan") { json(arranged.apply(sent[:arrangement])) }
          bookings(app)
        end

        # Who goes when, and who is away.
        def self.bookings(app)
          app.get("/api/crew") { json(Desk::Crew.new(desk).call(on: date(params["on"], :on))) }
          app.get("/api/visits/:id/booking") { json(booking.show(id)) }
          app.put("/api/visits/:id/booking") do
            booking.call(id, **sent)
            json(booking.show(id))
          end
          app.get("/api/absences") { json(absences.list) }
          app.post("/api/absences") { json(absences.add(**sent)) }
          app.post("/api/absences/:id/end") { json(absences.remove(id)) }
        end

        # What its routes share.
        module Helpers
          def booking = Desk::ChangeBooking.new(desk)
          def absences = Desk::Absences.new(desk)
          def arranged = day_plan(sent[:from], sent[:days], sent[:offset])

          def day_plan(from, days, offset)
            Desk::DayPlan.new(desk, from: date(from, :from), days: days.to_i, offset: offset.to_i)
          end

          def date(text, field)
            text ? Date.iso8601(text) : Date.today
          rescue ArgumentError
            raise Error.new("#{field} must be a date such as 2026-11-30.", field:,
                                                                           code: :bad_date)
          end
        end
      end
    end
  end
end

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
          app.get("/api/absences") { json(absences.list) }
          app.post("/api/absences") { json(absences.add(**sent)) }
          app.post("/api/absences/:id/end") { json(absences.remove(id)) }
        end

        # What its routes share.
        module Helpers
          def absences = Desk::Absences.new(desk)
          def arranged = day_plan(sent[:from], sent[:days], sent[:offset])

          def day_plan(from, days, offset)
            Desk::DayPlan.new(
              desk,
              from: from ? Date.iso8601(from) : Date.today,
              days: days.to_i,
              offset: offset.to_i
            )
          rescue ArgumentError
            raise Error.new(
              "from must be a date such as 2026-11-30.",
              field: :from,
              code: :bad_date
            )
          end
        end
      end
    end
  end
end

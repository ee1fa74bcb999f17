# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Customers put together, addresses, heaters and visits moved; and what of it, or of a file
      # that was taken in, can be undone.
      module Rearranged
        def self.registered(app)
          app.helpers Helpers
          app.post("/api/customers/:id/merge") do
            left = rearrange.merge(id, other: sent[:other].downcase, id: sent[:id])
            json(Desk::ViewCustomer.new(desk).call(left))
          end
          app.post("/api/sites/:id/move") do
            owner = rearrange.move_site(id, customer: sent[:customer].downcase, id: sent[:id])
            json(Desk::ViewCustomer.new(desk).call(owner))
          end
          app.post("/api/heaters/:id/move") do
            moved = rearrange.move_heater(id, site: sent[:site].downcase, id: sent[:id])
            json(Desk::ViewHeater.new(desk).call(moved))
          end
          app.post("/api/visits/:id/move") { json(visit_moved) }
          undone(app)
        end

        def self.undone(app)
          app.get("/api/undoables") { json(rearrange.recent) }
          app.post("/api/undoables/:id/undo") { json(rearrange.undo(id)) }
        end

        # What its routes share.
        module Helpers
          def rearrange = Desk::Rearrange.new(desk)

          def visit_moved
            to = sent[:heater].downcase
            Desk::ViewVisit.new(desk).call(
              Desk::MoveVisit.new(desk).call(id, id: sent[:id], heater: to)
            )
          end
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Customers put together, addresses, heaters and visits moved; and what of it, or of a file
      # that was taken in, can be undone.
      class Rearranged < Resource
        on(:mergeCustomers) do
          customer(rearrange.merge(id, other: sent[:other].downcase, id: sent[:id]))
        end
        on(:moveSite) do
          customer(rearrange.move_site(id, customer: sent[:customer].downcase, id: sent[:id]))
        end
        on(:moveHeater) do
          moved = rearrange.move_heater(id, site: sent[:site].downcase, id: sent[:id])
          Desk::ViewHeater.new(desk).call(moved)
        end
        on(:moveVisit) do
          moved = Desk::MoveVisit.new(desk).call(id, id: sent[:id], heater: sent[:heater].downcase)
          Desk::ViewVisit.new(desk).call(moved)
        end
        on(:undoables) { rearrange.recent }
        on(:undo) { rearrange.undo(id) }

        private

        def rearrange = Desk::Rearrange.new(desk)
        def customer(id) = Desk::ViewCustomer.new(desk).call(id)
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # Moves a visit that is booked to another time, and hands one that is booked or under way to
    # somebody else.
    class ChangeBooking
      def initialize(context) = @context = context

      # {planned_for:, account_id:, window_from:, window_to:, complaint:, complaint_words:,
      # complaints: what they may ring for, told: by which address the customer knows of it, email:
      # the customer's}.
      def show(visit_id)
        row = @context.records.visits.find(visit_id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        row.slice(:planned_for, :account_id, :window_from, :window_to).merge(
          complaint: visit.decision(:complaint), complaint_words: visit.decision(:complaint_words),
          complaints: Rang.choices(visit.heater, visit.words),
          told: @context.records.sharing.booking_told(visit_id)&.fetch(:recipient),
          email: @context.records.visits.contact(visit_id)[:email]
        )
      end

      # What is not named stays. window_from and window_to nil together: nothing is promised.
      # Raises Refused on a visit that is over, or where one under way is to begin at another time.
      def call(visit_id, planned_for: nil, account_id: nil, complaint: nil, complaint_words: nil,
               **window)
        @context.may!(:records)
        BookingTimes.some_day!(planned_for) if planned_for
        BookingTimes.promised!(*window.values_at(:window_from, :window_to)) if window.any?
        WhoGoes.new(@context).check!(account_id) if account_id
        rang = { complaint:, complaint_words: }.compact
        @context.records.write do
          row = @context.records.visits.find(visit_id)
          open!(row, planned_for || window.any?)
          Rang.new(@context).change(visit_id, **rang) if rang.any?
          change = { planned_for:, account_id: }.compact.merge(window)
          @context.records.visits.update(visit_id, change) if change.any?
        end
        @context.records.visits.find(visit_id)
      end

      private

      def open!(row, time)
        return if row[:status] == "booked"

        @context.open!(row)
        return unless time

        raise Refused.new("This visit is under way: it can be handed over, not moved.",
                          code: :under_way)
      end
    end
  end
end

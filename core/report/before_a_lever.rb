# frozen_string_literal: true

module Munimen
  module Report
    # What a customer is told before a lever is lifted: how old the valve is, when it was last
    # lifted, what may show itself, what that costs, and what stays untested otherwise:
    # they should know before, not after. Common practice.
    class BeforeALever
      MAY_SHOW = "An old valve may not close tight again after its test. A valve that does " \
                 "not was bad before: the test shows it."
      OTHERWISE = "Not lifted, nobody knows whether it would open. The page will say so."

      # visit: one that may lift it. lifted: Date of its last lift by the firm's record, or nil;
      # price: of a new one, as the firm's list writes it, or nil.
      def initialize(visit, lifted: nil, price: nil)
        @visit = visit
        @lifted = lifted
        @price = price
      end

      # [[template, {name: value}], …]: yes is asked for after them.
      def lines
        [age, history, [MAY_SHOW, {}], spare, price, [OTHERWISE, {}]].compact
      end

      private

      def age
        fitted = @visit.heater.relief_fitted.to_s[/\A(19|20)\d\d/]
        return ["When this safety valve was fitted is not known.", {}] unless fitted

        ["This safety valve was fitted in {year}.", { year: fitted }]
      end

      def history
        return ["On our record nobody has lifted it.", {}] unless @lifted

        ["It was last lifted on {date}.", { date: @lifted }]
      end

      def spare
        return unless @visit.decision(:spare_at_hand) == "yes"

        ["A new one is at hand today.", {}]
      end

      def price = @price && ["A new one costs {price}, and the work.", { price: @price }]
    end
  end
end

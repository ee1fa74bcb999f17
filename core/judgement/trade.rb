# frozen_string_literal: true

module Munimen
  module Judgement
    # Who may put a finding right: where the law restricts unvented cylinders, its plumbing is for
    # those qualified for them.
    module Trade
      module_function

      # :plumber, :gas, :electrical or :unvented.
      def of(trade, visit)
        trade ||= :plumber
        if trade == :plumber && visit.heater.unvented? && visit.rules.book.restricts.key?(:unvented)
          :unvented
        else
          trade
        end
      end
    end
  end
end

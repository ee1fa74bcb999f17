# frozen_string_literal: true

module Munimen
  module Rules
    # One limit of a rulebook: bounds as Quantities (either may be nil), the grade of passing it, where it
    # comes from, and what to do. `due_in` is days.
    Limit = Struct.new(:id, :at_least, :at_most, :grade, :source, :remedy, :due_in, :explain, :who, keyword_init: true) do
      # The bound that a quantity passes, or nil when it is inside.
      def passed_by(quantity)
        return at_most if at_most && quantity > at_most

        at_least if at_least && quantity < at_least
      end

      # "40–80 psi", "at most 80 psi", in the system's units.
      def to_text(units)
        return "#{at_least.format(units).split.first}–#{at_most.format(units)}" if at_least && at_most

        at_most ? "at most #{at_most.format(units)}" : "at least #{at_least.format(units)}"
      end
    end
  end
end

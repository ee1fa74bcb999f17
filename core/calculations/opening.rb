# frozen_string_literal: true

module Munimen
  module Calculations
    # The verdict on an opening to outdoors: what is there, held against what is wanted.
    module Opening
      module_function

      # The outputs of a calculation: {free_area: in m2, verdict:, judged:}. area: m2 wanted; there:
      # Quantity, or nil where nobody has measured; none: what is said where none is wanted.
      def outputs(id, area, there:, none:, source:, units:)
        wanted = Measure::Quantity.new(:area, area).format(units)
        grade, text = told(area, wanted, there, none, units)
        because = { measured: there&.format(units), limit: "at least #{wanted}", source: }.compact
        judged = Judged.new(id).add(grade, text, **because)
        { free_area: area, verdict: judged.grade, judged: judged.verdict }
      end

      def told(area, wanted, there, none, units)
        return [:sound, none] if area.zero?
        return [:not_tested, "It wants #{wanted} free to outdoors."] if there.nil?

        free = there.format(units)
        return [:sound, "#{free} free is enough."] if there.si >= area - 1e-9

        [:defect, "Only #{free} free: it wants #{wanted}."]
      end
      private_class_method :told
    end
  end
end

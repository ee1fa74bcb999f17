# frozen_string_literal: true

module Munimen
  module Calculations
    # The verdict on an opening to outdoors: what is there, held against what is wanted.
    module Opening
      extend Saying

      module_function

      # The outputs of a calculation: {free_area: in m2, verdict:, judged:}. area: m2 wanted; there:
      # Quantity, or nil where nobody has measured; none: what is said where none is wanted.
      def outputs(id, area, there:, none:, source:, units:)
        wanted = Measure::Quantity.new(:area, area).format(units)
        grade, text = told(area, wanted, there, none, units)
        limit = msg("at least {least}", least: wanted)
        because = { measured: there&.format(units), limit:, source: }.compact
        judged = Judged.new(id).add(grade, text, **because)
        { free_area: area, verdict: judged.grade, judged: judged.verdict }
      end

      def told(area, wanted, there, none, units)
        return [:sound, none] if area.zero?
        return [:not_tested, msg("It wants {wanted} free to outdoors.", wanted:)] if there.nil?

        free = there.format(units)
        return [:sound, msg("{free} free is enough.", free:)] if there.si >= area - 1e-9

        [:defect, msg("Only {free} free: it wants {wanted}.", free:, wanted:)]
      end
      private_class_method :told
    end
  end
end

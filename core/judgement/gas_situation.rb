# frozen_string_literal: true

module Munimen
  module Judgement
    # What an unsafe gas situation is, under the English gas industry's procedure: a judgement of
    # the person on site, for each, with no default. IGEM/G/11, from memory; handbook §25.
    module GasSituation
      CATEGORIES = {
        immediately_dangerous: "Immediately dangerous",
        at_risk: "At risk",
        not_unsafe: "Not an unsafe situation"
      }.freeze

      module_function

      # The categories that a finding may be given; none where it is not about gas, or not in
      # England. What we grade a danger is an unsafe situation of some kind.
      def categories(verdict, visit)
        return [] unless visit.rules.book.is?(:england_g3) && visit.heater.gas? &&
                         verdict.who == :gas && %i[danger defect].include?(verdict.grade)

        verdict.grade == :danger ? CATEGORIES.keys - [:not_unsafe] : CATEGORIES.keys
      end

      # The one that was given, or nil.
      def chosen(verdict, visit)
        given = visit.decisions.situation(verdict.check)
        categories(verdict, visit).find { |one| one.to_s == given }
      end

      # In words, or nil where none was given or none is asked.
      def of(verdict, visit) = CATEGORIES[chosen(verdict, visit)]
    end
  end
end

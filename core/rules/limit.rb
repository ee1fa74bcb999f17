# frozen_string_literal: true

module Munimen
  module Rules
    # m of a relief valve's outlet, nominal.
    OUTLETS = { half: 0.0127, three_quarters: 0.01905, one: 0.0254 }.freeze

    # One limit of a rulebook: bounds as Quantities (either may be nil), the grade of passing it,
    # where it comes from, and what to do. `due_in` is days; `book` the rulebook that sets it;
    # `diameters`: how many diameters of the discharge pipe the lower bound is.
    Limit =
      Struct.new(
        :id,
        :book,
        :at_least,
        :at_most,
        :grade,
        :source,
        :remedy,
        :due_in,
        :explain,
        :who,
        :diameters,
        keyword_init: true
      ) do
        include Saying

        # As it binds one heater: a bound that is so many diameters of its discharge pipe grows
        # with a pipe larger than the usual one, for which it is written.
        def on(heater)
          bore = OUTLETS[heater.relief_outlet] if diameters && at_least
          wider = Measure::Quantity.new(:length, diameters * bore) if bore
          wider && wider > at_least ? with({ at_least: wider }, source) : self
        end

        # The bound that a quantity passes, or nil when it is inside. A hair of rounding does not
        # count.
        def violated_by(quantity)
          return at_most if at_most && quantity.si > at_most.si + slack(at_most)

          at_least if at_least && quantity.si < at_least.si - slack(at_least)
        end

        # "40–80 psi", "at most 80 psi", in the system's units.
        def to_text(units)
          if at_least && at_most
            return "#{at_least.format(units).split.first}–#{at_most.format(units)}"
          end

          return msg("at most {most}", most: at_most.format(units)) if at_most

          msg("at least {least}", least: at_least.format(units))
        end

        # This limit with other bounds or grade, set by a house rule.
        def with(changes, source)
          dup
            .tap do |copy|
              changes.each { |name, value| copy[name] = value } && copy.source = source
            end
            .freeze
        end

        # Whether a book has it in print, or the firm has corrected it there, and not only the
        # trade in use.
        def published? = source.standing.to_s.start_with?("published", "corrected")

        # The same by a house rule, which may ask for more than what is published, never for less:
        # a bound that is left out or loosened stays as it is.
        def never_weaker(changes, source)
          kept = (changes || {}).reject do |name, bound|
            (name == :at_most && at_most && (bound.nil? || bound.si > at_most.si)) ||
              (name == :at_least && at_least && (bound.nil? || bound.si < at_least.si))
          end
          kept.keys.intersect?(%i[at_most at_least grade]) ? with(kept, source) : self
        end

        private

        def slack(bound) = bound.si.abs * 1e-9
      end
  end
end

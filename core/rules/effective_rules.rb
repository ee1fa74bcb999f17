# frozen_string_literal: true

module Munimen
  module Rules
    # The rules that hold for one visit: a book, what the firm knows better of its limits, and the
    # house rules of firm, site and visit on top.
    #
    #   rules = EffectiveRules.new(:us_irc, firm: { "relief_exercise" => "known_history" })
    #   rules.choice(:relief_exercise)       # => :known_history
    #   rules.chain(:relief_exercise)
    #   # => [["our default", :every_visit], ["firm", :known_history]]
    class EffectiveRules
      LEVELS = %i[firm site visit].freeze

      attr_reader :book

      # Raises Error on an unknown rule or choice.
      def initialize(book_id, firm: {}, site: {}, visit: {})
        @book = Book[book_id]
        @corrections = Correction.among(firm, @book.id)
        @given = { firm:, site:, visit: }.transform_values do |rules|
          rules.to_h.reject { |name, _| Correction.name?(name) }.to_h do |question, choice|
            [question.to_sym, Question[question].choose(choice)]
          end
        end
      end

      def units = book.units

      # The limit of an id as house rules leave it, or nil where there is none.
      def limit(id)
        @limits ||= {}
        @limits.fetch(id) { @limits[id] = moved(id, corrected(book[id])) }
      end

      # The question whose school moves a limit here, or nil.
      def moved_by(id)
        Question
          .all
          .find { |question| question.options.fetch(choice(question.id)).limits.key?(id) }
          &.id
      end

      # The school in force, a symbol.
      def choice(question) = chain(question).last.last

      # Who set it: level and choice, from our default to the last word.
      def chain(question)
        [["our default", Question[question].default_option]] +
          LEVELS.filter_map do |level|
            (chosen = @given[level][question.to_sym]) && [level.to_s, chosen]
          end
      end

      # The source to name when a house rule decides.
      def source(question)
        level, choice = chain(question).last
        Source.house_rule(Words[units].say(Question[question].options[choice].label), level)
      end

      # Questions answered by firm, site or visit: {question => choice}.
      def chosen = @given.values.reduce({}) { |all, rules| all.merge(rules) }

      # Every question with the school that holds: what a signed visit is frozen with.
      def frozen_choices
        Question.all.to_h { |question| [question.id.to_s, choice(question.id).to_s] }
      end

      def to_h = @given.transform_values { |rules| rules.transform_values(&:to_s) }

      # What the firm says of a limit of the book, or nil.
      def correction(id) = @corrections[id]

      private

      def corrected(limit)
        said = limit && @corrections[limit.id]
        said ? said.of(limit, units) : limit
      end

      def moved(id, limit)
        question = moved_by(id) or return limit
        changes = Question[question].options.fetch(choice(question)).limits.fetch(id)
        return limit&.never_weaker(changes, source(question)) if limit&.published?

        changes && limit&.with(changes, source(question))
      end
    end
  end
end

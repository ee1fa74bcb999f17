# frozen_string_literal: true

module Munimen
  module Inspection
    # What one rulebook asks, and nothing of any other: for an official to read and tick.
    #
    #   BookListing.new(Rules::EffectiveRules.new(:canada_npc)).to_h
    #   # => { id:, title:, edition:,
    #   #      limits: [{ id:, rule:, bound:, grade:, days:, source:, edition:, correction: }],
    #   #      looks: [{ item:, sound:, findings: [{ text:, grade:, days:, source: }] }] }
    class BookListing
      # rules: EffectiveRules of the book, with what the firm says of its limits.
      def initialize(rules)
        @rules = rules
        @book = rules.book
        @words = Words[@book.units]
      end

      def to_h
        { id: @book.id.to_s, title: @book.title, edition: @book.edition, limits:, papers:,
          looks: }
      end

      private

      def limits
        @book.limits.map do |written|
          limit = @rules.limit(written.id) || written
          { id: limit.id.to_s, rule: limit.id.to_s.tr("_", " "), bound: limit.to_text(@book.units),
            grade: limit.grade.to_s, days: limit.due_in, source: limit.source.to_s,
            edition: Rules::Editions.of(limit.source),
            correction: @rules.correction(limit.id)&.to_h }
        end
      end

      def papers
        @book.papers.map do |one|
          { title: @words.say(one.title), hint: @words.say(one.hint), days: one.days,
            source: one.source.to_s, edition: Rules::Editions.of(one.source) }
        end
      end

      def looks
        InspectionItem.all.select { |item| item.under?(@book) }.map do |item|
          { item: @words.say(item.ask), sound: @words.say(item.sound),
            findings: item.findings.values.select { |one| one.under?(@book) }.map do |one|
              finding(one)
            end }
        end
      end

      def finding(one)
        source = one.source_under(@book)
        { text: @words.say(one.text), grade: one.grade.to_s, days: one.due_in,
          source: source.to_s, edition: Rules::Editions.of(source) }
      end
    end
  end
end

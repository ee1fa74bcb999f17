# frozen_string_literal: true

module Munimen
  module Rules
    # What one rulebook asks, and nothing of any other: for an official to read and tick.
    #
    #   BookListing.new(Book[:canada_npc]).to_h
    #   # => { title:, edition:, limits: [{ rule:, bound:, grade:, days:, source:, own: }],
    #   #      looks: [{ item:, sound:, findings: [{ text:, grade:, days:, source: }] }] }
    class BookListing
      def initialize(book)
        @book = book
        @words = Words[book.units]
      end

      def to_h
        { id: @book.id.to_s, title: @book.title, edition: @book.edition, limits:, looks: }
      end

      private

      def limits
        @book.limits.map do |limit|
          { rule: limit.id.to_s.tr("_", " "), bound: limit.to_text(@book.units),
            grade: limit.grade.to_s, days: limit.due_in, source: limit.source.to_s }
        end
      end

      def looks
        Inspection::InspectionItem.all.select { |item| item.under?(@book) }.map do |item|
          { item: @words.say(item.ask), sound: @words.say(item.sound),
            findings: item.findings.values.select { |one| one.under?(@book) }.map do |one|
              finding(one)
            end }
        end
      end

      def finding(one)
        { text: @words.say(one.text), grade: one.grade.to_s, days: one.due_in,
          source: one.source_under(@book).to_s }
      end
    end
  end
end

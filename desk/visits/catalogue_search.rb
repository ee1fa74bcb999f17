# frozen_string_literal: true

module Munimen
  module Desk
    # What can be noted by hand, found by words.
    class CatalogueSearch
      SHOWN = 60 # entries

      def initialize(context) = @context = context

      # book: id of a rulebook, or nil for the firm's. Plain data for the contract.
      def call(search, book: nil)
        rules = Rules::EffectiveRules.new(book || @context.records.settings.code_profile)
        words = Words[rules.units]
        Inspection::Catalogue.search(search, rules).first(SHOWN).map do |entry|
          {
            id: entry.id,
            part: entry.part,
            place: words.part(entry.part),
            text: words.say(entry.text),
            grade: entry.grade,
            source: entry.source_under(rules.book).to_s,
            remedy: words.say(entry.remedy),
            who: entry.who
          }
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  # The vocabularies of the trade. Text in core/ names a thing that the countries call differently as
  # {term}; `say` puts in the word of the vocabulary. Each is one file in core/words/vocabularies/.
  #
  #   Words[:us].say("Open a hot {tap}.")      # => "Open a hot faucet."
  #   Words[:us].part(:vessel)                 # => "Expansion tank"
  class Words
    # The places of the walk.
    PLACES = { front: "At the {heater}", entry: "Where the water comes in", top: "On top", side: "At the side", bottom: "Below", controls: "At the controls",
               tap: "At the {tap}", outside: "Outside" }.freeze

    @all = {}
    class << self
      def [](id) = @all.fetch(id.to_sym)
      attr_reader :all

      def define(id, terms:, parts:, gloss:) = @all[id] = new(terms, parts, gloss)
    end

    attr_reader :terms, :parts, :gloss

    # gloss: term as it is said => what it is, for the customer.
    def initialize(terms, parts, gloss)
      @terms = terms
      @parts = parts
      @gloss = gloss
    end

    # Text with its {terms} in this vocabulary's words, also capitalized ({Tap}); KeyError for a term it
    # has not.
    def say(text)
      text&.gsub(/\{(\w+)\}/) do
        name = Regexp.last_match(1)
        found = @terms.fetch(name.downcase.to_sym)
        name.match?(/\A[A-Z]/) ? found.sub(/\A./, &:upcase) : found
      end
    end

    def place(id) = say(PLACES.fetch(id))
    def part(id) = @parts.fetch(id.to_sym) { id.to_s.tr("_", " ").capitalize }
  end
end

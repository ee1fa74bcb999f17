# frozen_string_literal: true

module Munimen
  # The vocabularies of the trade. Text in core/ names a thing that the countries call differently
  # as {term}; `say` puts in the word of the vocabulary. Each is one file in
  # core/words/vocabularies/.
  #
  #   Words[:us].say("Open a hot {tap}.")      # => "Open a hot faucet."
  #   Words[:us].part(:vessel)                 # => "Expansion tank"
  class Words
    # The places of the walk.
    PLACES = {
      front: "At the {heater}",
      entry: "Where the water comes in",
      top: "On top",
      side: "At the side",
      bottom: "Below",
      controls: "At the controls",
      tap: "At the {tap}",
      outside: "Outside"
    }.freeze

    @all = {}
    class << self
      def [](id) = @all.fetch(id.to_sym)
      attr_reader :all

      def define(id, terms:, parts:, gloss:) = @all[id] = new(id, terms, parts, gloss)
    end

    attr_reader :id, :terms, :parts, :gloss

    # gloss: term as it is said => what it is, for the customer.
    def initialize(id, terms, parts, gloss)
      @id = id
      @terms = terms
      @parts = parts
      @gloss = gloss
    end

    # "December 8, 2026" or "8 December 2026". day: a Date, or the ISO text of one or of a time.
    def date(day) = iso(day).strftime(id == :us ? "%B %-d, %Y" : "%-d %B %Y")

    # “8:06 AM” or “08:06”. time: a Time.
    def time(time) = time.strftime(id == :us ? "%-I:%M %p" : "%H:%M")

    # The same with a capital letter at its beginning; nil for nil.
    def sentence(text) = say(text)&.sub(/\A./, &:upcase)

    # Text with its {terms} in this vocabulary's words, also capitalized ({Tap}); KeyError for a
    # term it has not.
    def say(text)
      text&.gsub(/\{(\w+)\}/) do
        name = Regexp.last_match(1)
        found = @terms.fetch(name.downcase.to_sym)
        name.match?(/\A[A-Z]/) ? found.sub(/\A./, &:upcase) : found
      end
    end

    def place(id) = say(PLACES.fetch(id))
    def part(id) = @parts.fetch(id.to_sym) { id.to_s.tr("_", " ").capitalize }

    private

    def iso(day) = day.is_a?(String) ? Date.iso8601(day[0, 10]) : day
  end
end

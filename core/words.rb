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

      # like: the vocabulary that says all the rest. month_first: how dates and times are written:
      # “December 8, 2026, 8:06 AM”, or “8 December 2026, 08:06”.
      def define(id, terms:, parts: {}, gloss: {}, like: nil, month_first: nil)
        @all[id] = new(id, { terms:, parts:, gloss: }, like:, month_first:)
      end
    end

    attr_reader :id

    # texts: {terms:, parts:, gloss:}; gloss: a term as it is said => what it is, for the customer.
    def initialize(id, texts, like: nil, month_first: nil)
      @id = id
      @own = texts
      @like = like
      @month_first = month_first
    end

    def terms = @terms ||= whole(:terms)
    def parts = @parts ||= whole(:parts)
    def gloss = @gloss ||= whole(:gloss)
    def month_first = @month_first.nil? && @like ? Words[@like].month_first : @month_first

    # "December 8, 2026" or "8 December 2026". day: a Date, or the ISO text of one or of a time.
    def date(day) = iso(day).strftime(month_first ? "%B %-d, %Y" : "%-d %B %Y")

    # “8:06 AM” or “08:06”. time: a Time.
    def time(time) = time.strftime(month_first ? "%-I:%M %p" : "%H:%M")

    # The same with a capital letter at its beginning; nil for nil.
    def sentence(text) = say(text)&.sub(/\A./, &:upcase)

    # Text or Message with its {terms} in this vocabulary's words, also capitalized ({Tap});
    # KeyError for a term it has not. What was typed, and what is no text, stays.
    def say(text)
      case text
      when Message then text.said(method(:term), id) { |one| put_in(one) }
      when Date then date(text)
      when String then text.include?("{") && !text.is_a?(Typed) ? kept(text) : text
      else text
      end
    end

    def place(id) = say(PLACES.fetch(id))
    def part(id) = parts.fetch(id.to_sym) { id.to_s.tr("_", " ").capitalize }

    SAID = 4000 # texts that are kept as they were said
    private_constant :SAID

    private

    def kept(text)
      @said = {} if @said.nil? || @said.size > SAID
      @said[text] ||= text.gsub(Message::NAME) { |name| term(name[1..-2]) }.freeze
    end

    # What is put into a message may be somebody's: braces that name no term are theirs.
    def put_in(one)
      return say(one) if !one.is_a?(String) || one.is_a?(Message) || one.is_a?(Typed)

      one.gsub(Message::NAME) { |name| term?(name[1..-2]) ? term(name[1..-2]) : name }
    end

    def term?(name) = terms.key?(name.downcase.to_sym)

    def term(name)
      found = terms.fetch(name.downcase.to_sym)
      name.match?(/\A[A-Z]/) ? found.sub(/\A./, &:upcase) : found
    end

    def whole(name) = { **(@like ? Words[@like].public_send(name) : {}), **@own.fetch(name) }
    def iso(day) = day.is_a?(String) ? Date.iso8601(day[0, 10]) : day
  end
end

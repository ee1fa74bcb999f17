# frozen_string_literal: true

module Munimen
  module Rules
    # A permit, notice or certificate that a book may want for work on a water heater. Whether a
    # piece of work wants it is for whoever is licensed and for the authority to say: nothing is
    # taken for granted either way, and what was said of it stands on the page.
    #
    #   Paper.read("2026-12-01 B-2291").number # => "B-2291"
    class Paper
      # word: :to_follow or :not_needed, or nil where it is there: on (ISO day) and number, as far
      # as they were typed.
      Said = Struct.new(:word, :on, :number, keyword_init: true) do
        # The word as the page says it, a template, or nil.
        def text = WORDS[word]
        def to_follow? = word == :to_follow
      end
      WORDS = { to_follow: "to follow", not_needed: "not needed" }.freeze
      GIVEN = /\A(?:(\d{4}-\d{2}-\d{2})\s*)?(.*)\z/m

      # Said of what was typed: one of WORDS, or a day and a number, either of which may be left
      # out. Raises Error where the day is none.
      def self.read(text)
        word = WORDS.keys.find { |one| one.to_s == text }
        return Said.new(word:) if word

        on, number = text.match(GIVEN).captures
        Said.new(on: on && Date.iso8601(on).iso8601, number: number.empty? ? nil : number)
      rescue Date::Error
        raise Error.new(Message.of("paper must begin with a day such as 2026-12-01, or be one " \
                                   "of: {known}.",
                                   known: WORDS.keys.join(", ")),
                        field: :value, code: :unknown_choice)
      end

      # title: what it is called; hint: who wants it, and for what: templates; days: after the work.
      attr_reader :id, :title, :hint, :days, :source

      def initialize(id:, title:, hint:, days:, source:)
        @id = id
        @title = title
        @hint = hint
        @days = days
        @source = source
      end

      # What a visit says of it, or nil.
      def said(visit) = visit.decisions.about(:paper, id)&.then { |text| self.class.read(text) }
    end
  end
end

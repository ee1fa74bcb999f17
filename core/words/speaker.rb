# frozen_string_literal: true

module Munimen
  class Words
    # Says templates to one reader: in the words of a place, then in the reader's language, then
    # filled in, so that what somebody typed stays as it is.
    #
    #   Speaker.new(Words[:us], "es").say("Your {heater}: due {on}", on: day)
    class Speaker
      # words: of the place; language: as a customer has it ("es"), "en" or nil.
      def initialize(words, language)
        @words = words
        @language = Language.find(language)
      end

      # The language's id, :en where it is ours.
      def id = @language ? @language.id : :en

      # A template or Message; Dates among what fills it are said as the reader writes them.
      def say(template, **filled)
        filled = filled.transform_values { |one| one.is_a?(Date) ? date(one) : one }
        said = @words.say(filled.empty? ? template : Message.of(template, **filled))
        @language ? @language.say(said, @words.id) : said
      end

      # day: a Date, or ISO text.
      def date(day) = (@language || @words).date(day.is_a?(Date) ? day.iso8601 : day)
    end
  end
end

# frozen_string_literal: true

module Munimen
  class Words
    # The customer's page in another language: each text of ours beside its translation, with %1 for
    # what is put in and {terms} as in the vocabularies. A text that nobody has translated stays as
    # it is; what a person typed always does. Each language is one file in core/words/languages/,
    # its texts in a folder beside it, a line of ours and, indented, a line of theirs.
    #
    #   Words::Language[:es].say("Replace the valve.", :us)  # => "Cambiar la válvula."
    class Language
      # Of a page's values, those that are read.
      READ = %i[
        outcome_text sentence title text measured limit explain remedy place by gas_situation part
        ask choice term gloss cautions done leaving stands parts fuel meaning said
        what left found should extent total_text edition source
      ].freeze
      # Of the ladder's also what its rungs are called.
      LADDER = [*READ, :label].freeze
      # What the drawing has are ids; what was added and who signed was typed.
      AS_IT_IS = %i[section amendments signatures].freeze
      MONTH = /[A-Z][a-z]+/
      DATE = /\A(?:(#{MONTH}) (\d+), (\d{4})|(\d+) (#{MONTH}) (\d{4})|(#{MONTH}) (\d{4}))\z/
      FEW = 7 # letters
      LONGEST = 1000 # characters of a text of ours; what is longer somebody typed
      PLACES = 20 # at which a text is looked at for a part that is known
      # Between what is said one after the other.
      MARKS = [/(?<=[.!?”]) (?=[“[:upper:]\d])/, / – /, /: /, /[,;] /].freeze
      MONTHS = Date::MONTHNAMES.compact.freeze

      @all = {}
      class << self
        attr_reader :all

        def define(id, **more) = all[id] = new(id, **more)
        def [](id) = all.fetch(id.to_sym)

        # The language of a name, or nil for English and where none is given. Raises Error.
        def find(name)
          return if name.nil? || name.to_s == "en"

          all[name.to_sym] || raise(
            Error.new("language must be one of: #{names.join(", ")}.", field: :language,
                                                                       code: :unknown_choice)
          )
        end

        # The name itself, where there is such a language. Raises Error.
        def name!(name) = find(name) ? name.to_s : "en"

        # Of all that a page can be in.
        def names = ["en", *all.keys.map(&:to_s)]
      end

      attr_reader :id, :name, :courtesy

      # name: as its speakers call it; terms: {vocabulary => {term => word}}; months: twelve names;
      # date: a format for %<day>d, %<month>s and %<year>d, or for month and year; courtesy: what
      # is said above a page.
      def initialize(id, name:, terms:, months:, dates:, courtesy:)
        @id = id
        @name = name
        @terms = terms
        @months = months
        @dates = dates
        @courtesy = courtesy
        @texts = {}
      end

      # Adds texts: lines of ours, each followed by theirs, indented; what is indented further goes
      # on with the line before.
      def texts(lines)
        whole = lines.gsub(/\n {4,}(?=\S)/, " ")
        whole.lines(chomp: true).reject(&:empty?).each_slice(2) do |ours, theirs|
          @texts[ours] = theirs.strip
        end
      end

      # Whether there is a translation of a text of ours, as it stands in the program.
      def knows?(text) = @texts.key?(text)

      # A page with all that is read of it in this language. vocabulary: in which it was said.
      def page(page, vocabulary, read = READ)
        page.to_h do |name, value|
          known = name.to_sym == :ladder ? LADDER : read
          [name, read(name.to_sym, value, vocabulary, known)]
        end
      end

      # A text as it was said in a vocabulary; whatever is not known stays.
      def say(text, vocabulary)
        return text unless text.is_a?(String) && text.match?(/[[:alpha:]]{2}/)
        return text if text.size > LONGEST

        within(text, vocabulary)
      end

      # “8 de diciembre de 2026”; day: as Words#date takes it.
      def date(day)
        day = Date.iso8601(day[0, 10]) if day.is_a?(String)
        written(day.day, day.month, day.year)
      end

      private

      def read(name, value, vocabulary, known)
        return value if AS_IT_IS.include?(name)

        case value
        when Hash
          if name == :parts then value.transform_values { |one| say(one, vocabulary) }
          elsif name == :marks then value.transform_values { |one| mark(one, vocabulary) }
          else page(value, vocabulary, known)
          end
        when Array then value.map { |one| read(name, one, vocabulary, known) }
        when String then known.include?(name) ? say(value, vocabulary) : value
        else value
        end
      end

      # What was chosen is said as an answer is, in small letters; what was measured stays.
      def mark(mark, vocabulary)
        reading = mark[:reading]
        return mark unless reading&.match?(/\A[[:lower:]]/)

        mark.merge(reading: say(reading.sub(/\A./, &:upcase), vocabulary).sub(/\A./, &:downcase))
      end

      # As it stands, in another case of its first letter, with or without its full stop, or by a
      # pattern.
      def found(text, vocabulary)
        exact(text, vocabulary) || by_date(text) || by_pattern(text, vocabulary)
      end

      def exact(text, vocabulary)
        exact = book(vocabulary).first
        exact[text] || turned(text, exact) ||
          (text.end_with?(".") && (bare = exact[text.chop] || turned(text.chop, exact)) &&
            "#{bare}.") || nil
      end

      # The other case of the first letter.
      def turned(text, exact)
        exact[text.sub(/\A./, &:swapcase)]&.sub(/\A[¿“]?[[:alpha:]]/, &:swapcase)
      end

      def by_date(text)
        match = DATE.match(text) or return
        us_month, us_day, us_year, day, month, year, only, of = match.captures
        named = MONTHS.index(us_month || month || only) or return
        written((us_day || day)&.to_i, named + 1, us_year || year || of)
      end

      def written(day, month, year)
        format(@dates.fetch(day ? :day : :month), day:, month: @months.fetch(month - 1), year:)
      end

      def by_pattern(text, vocabulary)
        book(vocabulary).last.each do |pattern, theirs|
          match = pattern.match(text) or next
          return theirs.gsub(/(\A)?%(\d)/) do
            first, number = Regexp.last_match.captures
            text = within(match[number.to_i], vocabulary)
            first ? text : text.sub(/\A[[:upper:]](?=[[:lower:]])/, &:downcase)
          end
        end
        nil
      end

      def within(text, vocabulary) = found(text, vocabulary) || in_parts(text, vocabulary)

      # Sentence by sentence, or what stands before and after a colon, a dash or a comma.
      def in_parts(text, vocabulary)
        MARKS.each do |mark|
          places(text, mark).each do |from, to|
            before = found(text[0...from], vocabulary) or next
            after = text[to..]
            return before + text[from...to] + within(after, vocabulary) unless after.empty?
          end
        end
        first, mark, rest = text.partition(MARKS.first)
        rest.empty? ? text : first + mark + within(rest, vocabulary)
      end

      def places(text, mark)
        found = []
        text.scan(mark) { found << Regexp.last_match.offset(0) }
        found.first(PLACES)
      end

      # [{ours => theirs}, [[pattern, theirs]]] in the words of a vocabulary; what is longer is
      # tried first.
      def book(vocabulary)
        @books ||= {}
        @books[vocabulary] ||= begin
          said = @texts.to_h do |ours, theirs|
            [Words[vocabulary].say(ours.gsub(/\{(%\d)\}/, '\1')), spoken(theirs, vocabulary)]
          end
          patterns, exact = said.partition { |ours, _| ours.match?(/%\d/) }
          patterns = patterns.sort_by { |ours, _| -ours.gsub(/%\d/, "").size }
          [exact.to_h, patterns.map { |ours, theirs| [pattern(ours), theirs] }]
        end
      end

      def spoken(text, vocabulary)
        text.gsub(/\{(\w+)\}/) { @terms.fetch(vocabulary).fetch(Regexp.last_match(1).to_sym) }
      end

      # What is put in where a text has few letters of its own is a number.
      def pattern(ours)
        few = ours.gsub(/%\d|[^[:alpha:]]/, "").size < FEW
        /\A#{Regexp.escape(ours).gsub(/%\d/, few ? '([<>≤≥]?\d.*?)' : "(.*?)")}\z/
      end
    end
  end
end

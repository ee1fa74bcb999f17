# frozen_string_literal: true

module Munimen
  class Words
    # The customer's page in another language: each template of ours beside its translation, with
    # the same {names} for what is put in, and {terms} as in the vocabularies. A text that nobody
    # has translated stays as it is; what a person typed always does. Each language is one file in
    # core/words/languages/, its texts in a folder beside it, a line of ours and, indented, a line
    # of theirs.
    #
    #   Words::Language[:es].say("Replace the valve.", :us)  # => "Cambiar la válvula."
    class Language
      # Of a page's values, those that are read.
      READ = %i[
        outcome_text sentence title text measured limit explain remedy place by gas_situation part
        ask choice term gloss cautions done leaving stands parts fuel meaning said
        what left found should extent total_text edition source symptom showed leaves emergency
      ].freeze
      # Of the ladder's also what its rungs are called.
      LADDER = [*READ, :label, :note].freeze
      # What the drawing has are ids; what was added and who signed was typed.
      AS_IT_IS = %i[section amendments signatures].freeze
      MONTH = /[A-Z][a-z]+/
      DATE = /\A(?:(#{MONTH}) (\d+), (\d{4})|(\d+) (#{MONTH}) (\d{4})|(#{MONTH}) (\d{4}))\z/
      LONGEST = 1000 # characters of a text of ours; what is longer somebody typed
      MONTHS = Date::MONTHNAMES.compact.freeze

      @all = {}
      class << self
        attr_reader :all

        def define(id, **more) = all[id] = new(id, **more)
        def [](id) = all.fetch(id.to_sym)

        # The language of a name, or nil for English and where none is given. Raises Error.
        def find(name)
          return if name.nil? || name.to_s == "en"

          all[name.to_sym] || raise(Error.one_of(names, field: :language))
        end

        # The name itself, where there is such a language. Raises Error.
        def name!(name) = find(name) ? name.to_s : "en"

        # Of all that a page can be in.
        def names = ["en", *all.keys.map(&:to_s)]

        # The same, each by its own name: [{id:, name:}]. tool: only those to work in.
        def offered(tool: false)
          [{ id: "en", name: "English" },
           *all.values.select { |one| one.tool || !tool }
               .map { |one| { id: one.id.to_s, name: one.name } }]
        end
      end

      attr_reader :id, :name, :courtesy, :tool

      # name: as its speakers call it; terms: {vocabulary => {term => word}}; months: twelve names;
      # dates: formats for %<day>d, %<month>s and %<year>d, and for month and year; courtesy: what
      # is said above a page; tool: whether people can work in it, or it is for pages alone.
      def initialize(id, name:, terms:, months:, dates:, courtesy:, tool: false)
        @id = id
        @tool = tool
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

      # Whether there is a translation of a template of ours, as it stands in the program.
      def knows?(text) = @texts.key?(text)

      # All there are: {ours => theirs}.
      def all_texts = @texts.dup

      # A page with all that is read of it in this language. vocabulary: in which it was said.
      # finished: whether it was kept before messages were, its texts put together already.
      def page(page, vocabulary, finished: false)
        say = finished ? Finished.of(self).method(:say) : method(:say)
        pages(page, READ) { |text| say.call(text, vocabulary) }
      end

      # A text or Message as it was said in a vocabulary, a Message in that which it was said in
      # itself; whatever is not known stays.
      def say(text, vocabulary)
        case text
        when Message then message(text, text.vocabulary || vocabulary)
        when Date then date(text)
        when String then text.is_a?(Typed) ? text : plain(text, vocabulary)
        else text
        end
      end

      # “8 de diciembre de 2026”; day: as Words#date takes it.
      def date(day)
        day = Date.iso8601(day[0, 10]) if day.is_a?(String)
        written(day.day, day.month, day.year)
      end

      # {ours => theirs} of the texts with nothing put in, in the words of a vocabulary.
      def book(vocabulary)
        @books ||= {}
        @books[vocabulary] ||= begin
          words = Words[vocabulary]
          whole = @texts.reject { |ours, _| parameters?(ours, words) }
          whole.to_h { |ours, theirs| [words.say(ours), spoken(theirs, vocabulary)] }
        end
      end

      # As it stands, in another case of its first letter, with or without its full stop; nil where
      # it is not known.
      def exact(text, vocabulary)
        book = book(vocabulary)
        book[text] || turned(text, book) || stopped(text, book)
      end

      # A day or a month in English, as this language writes it; nil where it is none.
      def by_date(text)
        match = DATE.match(text) or return
        us_month, us_day, us_year, day, month, year, only, of = match.captures
        named = MONTHS.index(us_month || month || only) or return
        written((us_day || day)&.to_i, named + 1, us_year || year || of)
      end

      # A translation with its {terms} in the words of a vocabulary; what is put in stays.
      def spoken(text, vocabulary)
        terms = @terms.fetch(vocabulary)
        text.gsub(Message::NAME) do |name|
          found = terms[name[1..-2].downcase.to_sym] or next name
          name.match?(/\A\{[A-Z]/) ? found.sub(/\A./, &:upcase) : found
        end
      end

      private

      def plain(text, vocabulary)
        return text if text.size > LONGEST || !text.match?(/[[:alpha:]]{2}/)

        exact(text, vocabulary) || by_date(text) || text
      end

      def message(message, vocabulary)
        return joined(message, vocabulary) if message.joined?

        theirs = template(message.template) or return message
        said = message.with.transform_values { |one| say(one, vocabulary) }
        Message.of(spoken(theirs, vocabulary), **said)
      end

      def joined(message, vocabulary)
        between = message.between.sub(/[[:alpha:]]+/) { |word| @texts[word] || word }
        Message.join(message.parts.map { |one| say(one, vocabulary) }, between)
      end

      # What stands for a template; itself where it has no words of its own; else nil.
      def template(ours)
        @texts[ours] || turned(ours, @texts) ||
          (ours unless ours.gsub(Message::NAME, "").match?(/[[:alpha:]]{2}/))
      end

      # The other case of the first letter.
      def turned(text, book)
        book[text.sub(/\A./, &:swapcase)]&.sub(/\A[¿“]?[[:alpha:]]/, &:swapcase)
      end

      # With a full stop that ours has not, or without one that it has.
      def stopped(text, book)
        return book["#{text}."]&.chop unless text.end_with?(".")

        bare = book[text.chop] || turned(text.chop, book)
        bare && "#{bare}."
      end

      def parameters?(text, words)
        text.scan(Message::NAME).flatten.any? { |name| !words.terms.key?(name.downcase.to_sym) }
      end

      def pages(page, read, &say)
        page.to_h do |name, value|
          known = name.to_sym == :ladder ? LADDER : read
          [name, value(name.to_sym, value, known, &say)]
        end
      end

      def value(name, value, known, &say)
        return value if AS_IT_IS.include?(name)

        case value
        when Hash
          if name == :parts then value.transform_values(&say)
          elsif name == :marks then value.transform_values { |one| mark(one, &say) }
          else pages(value, known, &say)
          end
        when Array then value.map { |one| value(name, one, known, &say) }
        when String then known.include?(name) ? say.call(value) : value
        else value
        end
      end

      # What was chosen is said as an answer is, in small letters; what was measured stays.
      def mark(mark)
        reading = mark[:reading]
        return mark unless reading&.match?(/\A[[:lower:]]/)

        mark.merge(reading: yield(reading.sub(/\A./, &:upcase)).sub(/\A./, &:downcase))
      end

      def written(day, month, year)
        format(@dates.fetch(day ? :day : :month), day:, month: @months.fetch(month - 1), year:)
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  class Words
    # Pages that were signed before messages were kept have their texts put together, and so have
    # the notes of a drawing, which are wrapped to their columns: finished English, which is taken
    # apart by the templates here, and nowhere else.
    #
    #   Finished.of(Language[:es]).say("The charge is low: 44 psi …", :us)
    class Finished
      FEW = 7 # letters
      PLACES = 20 # at which a text is looked at for a part that is known
      # Between what is said one after the other.
      MARKS = [/(?<=[.!?”]) (?=[“[:upper:]\d])/, / – /, /: /, /[,;] /].freeze

      def self.of(language) = (@of ||= {})[language.id] ||= new(language)

      def initialize(language) = @language = language

      # A text as it was said in a vocabulary; whatever is not known stays.
      def say(text, vocabulary)
        return text unless text.is_a?(String) && text.match?(/[[:alpha:]]{2}/)
        return text if text.size > Language::LONGEST

        within(text, vocabulary)
      end

      private

      def within(text, vocabulary) = found(text, vocabulary) || in_parts(text, vocabulary)

      def found(text, vocabulary)
        @language.exact(text, vocabulary) || @language.by_date(text) ||
          by_pattern(text, vocabulary)
      end

      def by_pattern(text, vocabulary)
        patterns(vocabulary).each do |pattern, theirs|
          match = pattern.match(text) or next
          return theirs.gsub(/(\A)?#{Message::NAME}/) do
            first, name = Regexp.last_match.captures
            text = within(match[name], vocabulary)
            first ? text : text.sub(/\A[[:upper:]](?=[[:lower:]])/, &:downcase)
          end
        end
        nil
      end

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

      # [[pattern, theirs]] in the words of a vocabulary; what is longer is tried first.
      def patterns(vocabulary)
        @patterns ||= {}
        @patterns[vocabulary] ||= begin
          terms = Words[vocabulary].terms
          texts = @language.all_texts.map do |ours, theirs|
            [ours.gsub(Message::NAME) { |name| terms.fetch(name[1..-2].downcase.to_sym, name) },
             @language.spoken(theirs, vocabulary)]
          end
          texts.select { |ours, _| ours.match?(Message::NAME) && words?(ours) }
               .sort_by { |ours, _| -ours.gsub(Message::NAME, "").size }
               .map { |ours, theirs| [pattern(ours), theirs] }
        end
      end

      def words?(ours) = ours.gsub(Message::NAME, "").match?(/[[:alpha:]]{2}/)

      # What is put in where a text has few letters of its own is a number.
      def pattern(ours)
        few = ours.gsub(Message::NAME, "").gsub(/[^[:alpha:]]/, "").size < FEW
        seen = []
        source = Regexp.escape(ours).gsub(/\\\{(\w+)\\\}/) do
          name = Regexp.last_match(1)
          next "\\k<#{name}>" if seen.include?(name)

          seen << name
          "(?<#{name}>#{few ? '[<>≤≥]?\d.*?' : ".*?"})"
        end
        /\A#{source}\z/
      end
    end
  end
end

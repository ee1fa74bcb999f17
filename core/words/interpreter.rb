# frozen_string_literal: true

module Munimen
  class Words
    # Says what the tool answers in the language of whoever works with it, as it leaves: the rules
    # behind it say everything in English, once. What has something put in comes as a Message, by
    # whose template it is known; of the rest only what is read is looked up, whole. What somebody
    # typed stays.
    #
    #   Interpreter.for("es").answer({ why: "Wait." }) # => {why: "Esperar."}
    class Interpreter
      # What is read of an answer, beside what is read of a page.
      READ = %i[
        why how because jobs place_name instrument tools photographs level up down coarse
        fine settle brings lines claim_first plumber first told wrong cause act seen evidence rule
        hint item sound clause standing default comes_from moved_by ended_by reasons showed steps
        numbers complaint offered
      ].push(*Language::READ).freeze
      # What is read of some things only, since people type the same of others: {thing => names}.
      OF = {
        %i[rungs x y levels wait running choices options] => [:label],
        %i[ladder inputs outputs leak rungs] => [:note],
        [:labels] => %i[name note]
      }.flat_map { |things, names| things.product(names) }.freeze
      # Words by their ids.
      NAMED = %i[parts called].freeze
      # What is in a language already, or was typed, or is kept as it is.
      AS_IT_IS = %i[document page tables amendments signatures languages].freeze

      KEPT = 20_000 # texts that are kept as they were found

      @all = {}
      class << self
        # Of a language to work in; nil for English, nil, and one that has only pages.
        def for(language)
          found = Language.all[language.to_sym] if language
          @all[found.id] ||= new(found) if found&.tool
        end
      end

      # language: Language.
      def initialize(language)
        @language = language
        @plain = {}
      end

      # value: what would be sent as JSON, its Messages whole. name: what it is the value of; of:
      # what has it.
      def answer(value, name = nil, of = nil)
        case value
        when Message then message(value)
        when String then read?(name, of) ? plain(value) : value
        when Array then value.map { |one| answer(one, name, of) }
        when Hash then NAMED.include?(name) ? named(value) : hash(value, name)
        else value
        end
      end

      # One text or Message.
      def say(text) = text.is_a?(Message) ? message(text) : plain(text)

      private

      def read?(name, of) = READ.include?(name) || OF.include?([of, name])

      def hash(value, name)
        value.to_h { |key, one| [key, AS_IT_IS.include?(key) ? one : answer(one, key, name)] }
      end

      def named(value) = value.transform_values { |one| answer(one, :text) }

      def message(message) = @language.say(message, :us)

      # As it was said in whichever vocabulary; what is not known stays.
      def plain(text)
        return text if text.is_a?(Typed) || text.size > Language::LONGEST

        @plain = {} if @plain.size > KEPT
        @plain[text] ||= looked_up(text)
      end

      def looked_up(text)
        found = nil
        Words.all.each_key { |one| break if (found = @language.exact(text, one)) }
        found || @language.by_date(text) || text
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    # What leaves, in the language of whoever asked: plain data, or one text. language: as a person
    # has it ("es"); nothing is changed for "en" and nil.
    module Spoken
      module_function

      def answer(value, language)
        spoken = Words::Interpreter.for(language)
        spoken ? spoken.answer(value) : value
      end

      def say(text, language)
        spoken = Words::Interpreter.for(language)
        spoken ? spoken.say(text) : text
      end

      # Whether there is anything to be said otherwise.
      def other?(language) = !Words::Interpreter.for(language).nil?
    end
  end
end

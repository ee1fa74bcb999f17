# frozen_string_literal: true

module Munimen
  module Store
    # The words by which a customer is found, whoever types them: without accents and capitals,
    # names with an apostrophe also as one word, telephone numbers also without what stands before
    # them.
    module SearchWords
      # Letters of the Latin languages, and what is typed in their place.
      LETTERS = {
        "a" => "àáâãäåāăą", "c" => "çćĉċč", "d" => "ďđð", "e" => "èéêëēĕėęě", "g" => "ĝğġģ",
        "h" => "ĥħ", "i" => "ìíîïĩīĭįı", "j" => "ĵ", "k" => "ķ", "l" => "ĺļľŀł", "n" => "ñńņňŉ",
        "o" => "òóôõöøōŏő", "r" => "ŕŗř", "s" => "śŝşšș", "t" => "ţťŧț", "u" => "ùúûüũūŭůűų",
        "w" => "ŵ", "y" => "ýÿŷ", "z" => "źżž"
      }.freeze
      FROM = LETTERS.values.join.freeze
      TO = LETTERS.map { |letter, accented| letter * accented.size }.join.freeze
      TWO = { "ß" => "ss", "æ" => "ae", "œ" => "oe", "þ" => "th" }.freeze
      LEAST = 7 # figures of a number that somebody knows by heart

      module_function

      # Those that somebody types: each must begin one of a customer's.
      def asked(text) = folded(text).scan(/[[:alnum:]]+/).uniq

      # Those of a customer.
      def of(name, phone, addresses)
        text = folded([name, phone, *addresses].join(" "))
        words = text.scan(/[[:alnum:]]+/) + text.scan(/[[:alpha:]]+(?:['’][[:alpha:]]+)+/)
                                                .map { |word| word.delete("'’") }
        (words + endings(phone)).uniq
      end

      def folded(text) = text.to_s.downcase.tr(FROM, TO).gsub(/[ßæœþ]/, TWO)

      # The figures of a number from each place on.
      def endings(phone)
        figures = phone.to_s.gsub(/\D/, "")
        (0..[figures.size - LEAST, 0].max).map { |from| figures[from..] }.reject(&:empty?)
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Rules
    # A permit, notice or certificate that a book may want for work on a water heater. Whether a
    # piece of work wants it is for whoever is licensed and for the authority to say: nothing is
    # taken for granted either way, and what was said of it stands on the page.
    #
    #   Paper.read("2026-12-01 B-2291") # => {on: "2026-12-01", number: "B-2291"}
    Paper = Struct.new(:id, :title, :hint, :days, :source, keyword_init: true) do
      # What is said of it besides a day and a number.
      self::SAID = { "to_follow" => "to follow", "not_needed" => "not needed" }.freeze
      self::GIVEN = /\A(?:(\d{4}-\d{2}-\d{2})\s*)?(.*)\z/m

      # {on:, number:} of what was typed, or {text:}: a template of what was said instead.
      def self.read(text)
        return { text: self::SAID[text] } if self::SAID.key?(text)

        on, number = text.match(self::GIVEN).captures
        { on: on && Date.iso8601(on).iso8601, number: number.empty? ? nil : number }
      rescue Date::Error
        raise Error.new("paper must begin with a day such as 2026-12-01, or be one of: " \
                        "#{self::SAID.keys.join(", ")}.", field: :value, code: :unknown_choice)
      end
    end
  end
end

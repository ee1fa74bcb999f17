# frozen_string_literal: true

module Munimen
  module Drawing
    # How wide a text is in the font that ships with the application (B612), so that a line beside
    # it begins where it ends: on the screen and on paper alike.
    module TextWidth
      # Hundredths of the size, of the characters from the blank on. From the font itself.
      ADVANCE = %w[
        35 35 40 85 55 90 70 20 45 45 55 60 25 45 30 55
        65 65 65 65 65 65 65 65 65 65 30 25 65 50 65 55
        100 65 65 60 65 60 55 65 70 30 45 60 55 90 75 80
        60 80 65 55 60 70 65 95 65 60 60 45 55 50 75 55
        55 53 60 50 60 55 40 60 60 30 30 55 35 90 60 60
        60 60 40 45 40 60 55 75 55 55 50 65 20 60 75
      ].map(&:to_i).freeze
      OTHER = { "·" => 25, "°" => 30, "–" => 55 }.freeze
      WIDEST = 80 # of what is in neither
      # A letter with a mark is as wide as without.
      MARKED = %w[
        áàâéèêíìîóòôúùûüñçÁÀÂÉÈÊÍÌÎÓÒÔÚÙÛÜÑÇ
        aaaeeeiiiooouuuuncAAAEEEIIIOOOUUUUNC
      ].freeze

      module_function

      # Units of the drawing.
      def of(text, size)
        hundredths = text.tr(*MARKED).each_char.sum do |char|
          (ADVANCE[char.ord - 32] if char.ord.between?(32, 126)) || OTHER.fetch(char, WIDEST)
        end
        (hundredths * size / 100.0).round(1)
      end
    end
  end
end

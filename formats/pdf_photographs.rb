# frozen_string_literal: true

module Munimen
  module Formats
    # Photographs beside each other, each with what it shows below it.
    class PdfPhotographs
      ACROSS = 3 # in a row
      TALL = 130 # points of one

      # photos: [[what it shows, bytes], …].
      def initialize(pdf, photos)
        @pdf = pdf
        @photos = photos
      end

      def draw
        wide = (@pdf.bounds.width - (12 * (ACROSS - 1))) / ACROSS
        @photos.each_slice(ACROSS) do |row|
          @pdf.start_new_page if @pdf.cursor < TALL + 30
          top = @pdf.cursor
          row.each_with_index { |one, index| photograph(one, index * (wide + 12), top, wide) }
          @pdf.move_cursor_to top - TALL - 26
        end
      end

      private

      def photograph((what, bytes), left, top, wide)
        @pdf.image StringIO.new(bytes), at: [left, top], fit: [wide, TALL]
        @pdf.text_box what, at: [left, top - TALL - 3], width: wide, height: 20, size: 7.5,
                            overflow: :shrink_to_fit
      end
    end
  end
end

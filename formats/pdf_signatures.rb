# frozen_string_literal: true

module Munimen
  module Formats
    # Both signatures of a visit beside each other, or that one is missing and why.
    class PdfSignatures
      HEIGHT = 70 # points

      # sides: of a document's block of that type.
      def initialize(pdf, sides)
        @pdf = pdf
        @sides = sides
      end

      def draw
        top = @pdf.cursor
        @sides.each_with_index do |one, index|
          @pdf.bounding_box([index * 260, top], width: 250, height: HEIGHT) { side(one) }
        end
      end

      private

      def side(one)
        strokes(one[:strokes]) if one[:strokes]
        typed(one) if one[:typed]
        @pdf.stroke_color ReportPdf::SOFT
        @pdf.line_width = 0.6
        @pdf.stroke { @pdf.line([0, 26], [220, 26]) }
        @pdf.draw_text one[:account][0, 80], at: [0, 4], size: 6.5 if one[:account]
        @pdf.draw_text "#{one[:who]}: #{one[:name]}"[0, 70], at: [0, 13], size: 8.5
      end

      # Who cannot draw types: the same standing, and told apart.
      def typed(one)
        @pdf.fill_color ReportPdf::INK
        @pdf.draw_text one[:typed][0, 40], at: [6, 34], size: 15
        @pdf.fill_color ReportPdf::SOFT
        @pdf.draw_text one[:note], at: [190, 30], size: 6.5
        @pdf.fill_color ReportPdf::INK
      end

      def strokes(strokes)
        @pdf.stroke_color ReportPdf::INK
        @pdf.line_width = 1.2
        strokes.each do |points|
          @pdf.stroke do
            places = points.map { |x, y| [x * 200, HEIGHT - (y * (HEIGHT - 28))] }
            places.each_with_index { |at, i| i.zero? ? @pdf.move_to(*at) : @pdf.line_to(*at) }
          end
        end
      end
    end
  end
end

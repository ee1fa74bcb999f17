# frozen_string_literal: true

module Munimen
  module Formats
    # The head of the page's PDF: the firm on the left, the customer on the right, each within its
    # own half, however long.
    class PdfLetterhead
      LEAST = 42 # points that it takes
      GAP = 8    # points between the halves

      # text: PdfText; block: of a document, of type letterhead; logo: a data: address or nil.
      def initialize(pdf, text, block, logo)
        @pdf = pdf
        @text = text
        @block = block
        @logo = logo
      end

      def draw
        picture if @logo
        top = @pdf.cursor
        @pdf.move_cursor_to [firm(top), customer(top), top - LEAST].min
        rule
      end

      private

      # Above the firm's name, where it has one.
      def picture
        @pdf.image Logo.file(@logo), fit: [150, 40]
        @pdf.move_down 4
      end

      def firm(top)
        half(0, top) do
          @pdf.text @block[:firm], size: 13, style: :bold
          @text.soft @block[:under]
        end
      end

      def customer(top)
        half((@pdf.bounds.width / 2) + GAP, top) do
          @pdf.text @block[:customer], align: :right, style: :bold
          @text.soft @block[:lines].join("\n"), align: :right
        end
      end

      # Where it ends.
      def half(left, top, &)
        @pdf.bounding_box([left, top], width: (@pdf.bounds.width / 2) - GAP, &)
        @pdf.cursor
      end

      def rule
        @pdf.stroke_color ReportPdf::COPPER
        @pdf.line_width = 1.4
        @pdf.stroke_horizontal_rule
        @pdf.move_down 12
      end
    end
  end
end

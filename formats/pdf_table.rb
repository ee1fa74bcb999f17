# frozen_string_literal: true

module Munimen
  module Formats
    # A document's table: a line under each row, a grade in its colour.
    class PdfTable
      ROWS = { borders: [:bottom], border_color: "D3C8B2", padding: [2.5, 6, 3, 0], size: 9,
               text_color: ReportPdf::INK }.freeze

      # block: of a document, of type table.
      def initialize(pdf, block)
        @pdf = pdf
        @head = block[:head]
        @rows = block[:rows]
        @wide = block[:wide]
      end

      def draw
        body = @rows.map { |row| row.map { |cell| text(cell) } }
        @pdf.table([@head, *body].compact, header: !@head.nil?, width: @pdf.bounds.width,
                                           cell_style: ROWS, column_widths: widths) do |table|
          table.row(0).text_color = ReportPdf::SOFT if @head
          mark(table)
        end
      end

      private

      def text(cell) = [cell[:text], cell[:note]].compact.join(" – ")

      def widths
        columns = @rows.first.size
        @wide.to_h { |column, share| [column % columns, share * @pdf.bounds.width] }
      end

      def mark(table)
        @rows.each_with_index do |row, y|
          row.each_with_index do |cell, x|
            drawn = table.row(y + (@head ? 1 : 0)).column(x)
            drawn.font_style = :bold if cell[:strong]
            drawn.text_color = DrawingPdf::GRADES.fetch(cell[:grade]) if cell[:grade]
          end
        end
      end
    end
  end
end

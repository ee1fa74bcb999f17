# frozen_string_literal: true

module Munimen
  module Formats
    # Gas as a table of its own on the page's PDF.
    class GasPdf
      # rows: as Report::GasTable gives them, or nil; say: puts our words into the page's language.
      def initialize(pdf, rows, say)
        @pdf = pdf
        @rows = rows
        @say = say
      end

      def any? = !@rows.nil?

      def draw
        head = ["", *["As found", "As left", "Should be"].map { |text| @say.call(text) }]
        body = @rows.map { |one| one.values_at(:what, :found, :left, :should).map(&:to_s) }
        @pdf.table([head] + body, header: true, width: @pdf.bounds.width,
                                  cell_style: PdfText::ROWS, column_widths: { 0 => 186 }) do |table|
          table.row(0).text_color = ReportPdf::SOFT
        end
      end
    end
  end
end

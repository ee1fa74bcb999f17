# frozen_string_literal: true

module Munimen
  module Formats
    # What must be done, finding by finding: grade and day on the left, the words beside them. None
    # is torn by the end of a sheet.
    class PdfFindings
      WIDE = 92 # points of the left column

      # findings: of a document's block of that type.
      def initialize(pdf, findings)
        @pdf = pdf
        @findings = findings
      end

      def draw
        @findings.each do |one|
          color = DrawingPdf::GRADES.fetch(one[:grade])
          style = { inline_format: true, borders: [:left], border_color: color, border_width: 2,
                    padding: [2, 6, 6, 8], text_color: ReportPdf::INK }
          @pdf.table([[grade(one, color), words(one)]], cell_style: style,
                     column_widths: [WIDE, @pdf.bounds.width - WIDE]) do |table|
            table.column(1).borders = []
          end
          @pdf.move_down 4
        end
      end

      private

      def grade(one, color)
        "<b><color rgb='#{color}'>#{escape(one[:word])}</color></b>\n#{escape(one[:by])}"
      end

      def words(one)
        first, *rest = one[:lines].map { |line| worded(line) }
        ["<b>#{escape(one[:lead])}</b> #{first}", *rest].join("\n")
      end

      def worded(line)
        text = escape(line[:text])
        line[:tone] == :soft ? "<color rgb='#{ReportPdf::SOFT}'>#{text}</color>" : text
      end

      def escape(text) = text.to_s.gsub("&", "&amp;").gsub("<", "&lt;").gsub(">", "&gt;")
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Formats
    # The heater in section beside its ladder, on one sheet.
    class PdfHeater
      SECTION = 232 # points wide
      LADDER = 240
      LEFT = 258 # where the ladder begins

      # text: PdfText; report: {section:, ladder:, marks:, parts:}.
      def initialize(pdf, text, report)
        @pdf = pdf
        @text = text
        @report = report
      end

      # caption: what stands under them, or nil.
      def draw(title, caption)
        high = SECTION / @report[:section][:width].to_f * @report[:section][:height]
        @pdf.start_new_page if @pdf.cursor < high + PdfText::HEADING + 15
        @text.heading title
        top = @pdf.cursor
        section(top)
        DrawingPdf.new(@pdf, @report[:ladder], at: [LEFT, top], width: LADDER).ladder
        @pdf.fill_color ReportPdf::INK
        @pdf.move_cursor_to top - high - 6
        @pdf.text caption, size: 9 if caption
      end

      private

      def section(top)
        DrawingPdf.new(@pdf, @report[:section], at: [0, top], width: SECTION).section(
          marks: symbols(@report[:marks]), parts: symbols(@report[:parts])
        )
      end

      def symbols(hash)
        hash.transform_keys(&:to_sym).transform_values do |value|
          value.is_a?(Hash) ? value.transform_keys(&:to_sym) : value
        end
      end
    end
  end
end

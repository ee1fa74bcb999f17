# frozen_string_literal: true

require "prawn"
require "rqrcode_core"

module Munimen
  module Formats
    # The service tag that hangs on the heater, 62×100 mm: when it was serviced, the results in
    # brief, when next, and a code that leads to the record. Paints Report::Tag.
    class TagPdf
      MM = 72 / 25.4
      SIZE = [62 * MM, 100 * MM].freeze
      QR = 22 * MM
      QUIET = 4 # modules round a code (ISO/IEC 18004)
      SMALL = 6.2
      TITLE = 80
      MEASURED = 42

      # report: as Desk::ReportPage gives it; address: of the record.
      def initialize(report, address)
        @tag = PdfFonts.printable(Report::Tag.new(report).to_h)
        @title = "Service tag – #{report[:address]}"
        @address = address
      end

      def render
        @pdf = Prawn::Document.new(page_size: SIZE, margin: 3.5 * MM,
                                   info: { Title: @title, Creator: "Munimen" })
        PdfFonts.on(@pdf)
        @pdf.fill_color ReportPdf::INK
        head
        results
        foot
        @pdf.render
      end

      private

      def head
        line @tag[:firm].first, size: 8.5, style: :bold
        line @tag[:firm].last, size: 6.5
        @pdf.move_down 2
        line @tag[:serviced], size: 10.5, style: :bold
        line @tag[:heater], size: 6.5
        @pdf.move_down 2
        box(@tag[:sentence], 30, size: 7.5, style: :bold)
        @pdf.move_down 32
        return unless @tag[:done]

        box(@tag[:done], 18, size: SMALL)
        @pdf.move_down 20
      end

      # As wide as the tag, as high as that; what is too long is written smaller.
      def box(text, height, **options)
        @pdf.text_box text, at: [0, @pdf.cursor], width: @pdf.bounds.width, height:,
                            overflow: :shrink_to_fit, **options
      end

      # As many as there is room for above the code; all are in the record.
      def results
        @tag[:results].each do |title, measured, word|
          height = @pdf.height_of(title, width: TITLE, size: SMALL) + 1
          break if @pdf.cursor - height < QR + 4

          columns(
            height,
            [title, TITLE, :left],
            [measured, MEASURED, :right],
            [word, @pdf.bounds.width - TITLE - MEASURED, :right]
          )
        end
      end

      # One row: [text, width, side] of each column; what is too long for its column is written
      # smaller.
      def columns(height, *texts)
        left = 0
        texts.each_with_index do |(text, width, side), index|
          @pdf.text_box text, at: [left, @pdf.cursor], width: width - 2, height:, size: SMALL,
                              align: side, overflow: :shrink_to_fit,
                              style: index.zero? ? :normal : :bold
          left += width
        end
        @pdf.move_down height
      end

      def foot
        @pdf.text_box @tag[:following], at: [0, QR - 2], width: @pdf.bounds.width - QR - 4,
                                        height: 26, size: 9.5, style: :bold,
                                        overflow: :shrink_to_fit
        @pdf.text_box @tag[:foot], at: [0, QR - 30], width: @pdf.bounds.width - QR - 6, height: 32,
                                   size: 6, overflow: :shrink_to_fit
        code(@pdf.bounds.width - QR, QR)
      end

      # Black squares, so that any printer can do it.
      def code(left, top)
        rows = RQRCodeCore::QRCode.new(@address, level: :m).modules
        size = QR / (rows.size + (2 * QUIET))
        @pdf.fill_color "000000"
        rows.each_with_index do |row, y|
          row.each_with_index do |dark, x|
            next unless dark

            @pdf.fill_rectangle(
              [left + ((x + QUIET) * size), top - ((y + QUIET) * size)],
              size + 0.02,
              size + 0.02
            )
          end
        end
        @pdf.fill_color ReportPdf::INK
      end

      def line(text, **options)
        @pdf.text(text.to_s, single_line: true, overflow: :truncate, **options)
      end
    end
  end
end

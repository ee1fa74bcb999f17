# frozen_string_literal: true

require "prawn"
require "rqrcode_core"

module Munimen
  module Formats
    # The service tag that hangs on the heater, 62×100 mm: when it was serviced, the results in
    # brief, when next, and a code that leads to the record.
    class TagPdf
      MM = 72 / 25.4
      SIZE = [62 * MM, 100 * MM].freeze
      QR = 22 * MM
      QUIET = 4 # modules round a code (ISO/IEC 18004)
      SMALL = 6.2
      TITLE = 80
      MEASURED = 42
      # page: as Desk::ReportPage gives it; address: of the record.
      def initialize(page, address)
        @data = PdfFonts.printable(page)
        @page = @data[:page]
        @address = address
      end

      def render
        @pdf = Prawn::Document.new(
          page_size: SIZE,
          margin: 3.5 * MM,
          info: {
            Title: "Service tag – #{@data[:address]}",
            Creator: "Munimen"
          }
        )
        PdfFonts.on(@pdf)
        @pdf.fill_color ReportPdf::INK
        head
        results
        foot
        @pdf.render
      end

      private

      def head
        firm = @data[:firm].transform_keys(&:to_sym)
        line firm[:name], size: 8.5, style: :bold
        line [firm[:phone], @data[:person]].compact.join(" · "), size: 6.5
        @pdf.move_down 2
        line "Serviced #{date(@data[:date])}", size: 10.5, style: :bold
        line [@data[:heater][:label], @data[:heater][:maker], @data[:heater][:serial]].compact.join(
          " · "
        ),
             size: 6.5
        @pdf.move_down 2
        @pdf.text_box @page[:sentence],
                      at: [0, @pdf.cursor],
                      width: @pdf.bounds.width,
                      height: 30,
                      size: 7.5,
                      style: :bold,
                      overflow: :shrink_to_fit
        @pdf.move_down 32
        work
      end

      # What was done, in two lines at most.
      def work
        return if @page[:done].empty?

        @pdf.text_box "Done: #{@page[:done].join(", ")}",
                      at: [0, @pdf.cursor],
                      width: @pdf.bounds.width,
                      height: 18,
                      size: SMALL,
                      overflow: :shrink_to_fit
        @pdf.move_down 20
      end

      # As many as there is room for above the code; all are in the record.
      def results
        @page[:results].each do |one|
          word = Report::Section::GRADES.fetch(one[:state].to_sym)
          height = @pdf.height_of(one[:title], width: TITLE, size: SMALL) + 1
          break if @pdf.cursor - height < QR + 4

          columns(
            height,
            [one[:title], TITLE, :left],
            [one[:measured].to_s, MEASURED, :right],
            [word, @pdf.bounds.width - TITLE - MEASURED, :right]
          )
        end
      end

      # One row: [text, width, side] of each column; what is too long for its column is written
      # smaller.
      def columns(height, *texts)
        left = 0
        texts.each_with_index do |(text, width, side), index|
          @pdf.text_box text,
                        at: [left, @pdf.cursor],
                        width: width - 2,
                        height:,
                        size: SMALL,
                        align: side,
                        overflow: :shrink_to_fit,
                        style: index.zero? ? :normal : :bold
          left += width
        end
        @pdf.move_down height
      end

      def foot
        following = service
        @pdf.text_box "Next service:\n#{following ? date(following) : "as agreed"}",
                      at: [0, QR - 2],
                      width: @pdf.bounds.width - QR - 4,
                      height: 26,
                      size: 9.5,
                      style: :bold,
                      overflow: :shrink_to_fit
        gas = @page[:cautions].find { |text| text.start_with?("Smell gas") }
        @pdf.text_box [gas, @page[:late], "What to do, and the record: scan."].compact.join(" "),
                      at: [0, QR - 30],
                      width: @pdf.bounds.width - QR - 6,
                      height: 32,
                      size: 6,
                      overflow: :shrink_to_fit
        code(@pdf.bounds.width - QR, QR)
      end

      # The day of the next service: not of a look at a joint or a charge in between.
      def service
        dates = @page[:next_dates].select { |one| one[:kind].to_s == "annual_service" }
        dates.map { |one| one[:on].to_s }.min
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

      def date(text) = Words[@data[:units] || :us].date(text)
    end
  end
end

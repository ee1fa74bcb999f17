# frozen_string_literal: true

module Munimen
  module Formats
    # The running text of a page: headings, soft lines, and lists below or beside each other, none
    # torn from its title.
    class PdfText
      HEADING = 25 # points that one takes, with the room about it
      LEAST = 60 # of room for a title and what begins under it
      BETWEEN = 16
      # A table of rows with a line under each.
      ROWS = { borders: [:bottom], border_color: "D3C8B2", padding: [2.5, 6, 3, 0], size: 9,
               text_color: ReportPdf::INK }.freeze

      # say: what puts a title of a list in the page's language.
      def initialize(pdf, say)
        @pdf = pdf
        @say = say
      end

      def heading(text)
        room
        titled text
      end

      def soft(text, **options)
        @pdf.text(text, size: 8.5, color: ReportPdf::SOFT, **options)
      end

      # A list under its title; nothing where it is empty.
      def bullets(title, lines)
        return if lines.empty?

        room
        list(title, lines)
      end

      # {title => lines}: lists beside each other.
      def beside(lists)
        lists = lists.reject { |_, lines| lines.empty? }
        return if lists.empty?

        width = (@pdf.bounds.width - BETWEEN) / 2
        @pdf.start_new_page if @pdf.cursor < lists.values.map { |lines| height(lines, width) }.max
        @pdf.move_down 8
        top = @pdf.cursor
        ends = lists.each_with_index.map do |(title, lines), index|
          @pdf.bounding_box([index * (width + BETWEEN), top], width:) { list(title, lines) }
          @pdf.cursor
        end
        @pdf.move_cursor_to ends.min
      end

      private

      def room
        @pdf.start_new_page if @pdf.cursor < LEAST
        @pdf.move_down 8
      end

      def titled(text)
        @pdf.text text, size: 11, style: :bold, color: ReportPdf::COPPER
        @pdf.move_down 2
      end

      def list(title, lines)
        titled @say[title]
        lines.each { |line| @pdf.indent(8) { @pdf.text "–  #{line}", size: 9 } }
      end

      # Of a list with its title and the room before it.
      def height(lines, width)
        28 + lines.sum { |line| @pdf.height_of("–  #{line}", size: 9, width: width - 8) }
      end
    end
  end
end

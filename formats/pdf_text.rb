# frozen_string_literal: true

module Munimen
  module Formats
    # The running text of a page: headings, soft lines, and lists below or beside each other, none
    # torn from its title.
    class PdfText
      HEADING = 25 # points that one takes, with the room about it
      LEAST = 60 # of room for a title and what begins under it
      BETWEEN = 16

      def initialize(pdf) = @pdf = pdf

      def heading(text)
        room
        titled text
      end

      def soft(text, **options)
        @pdf.text(text, size: 8.5, color: ReportPdf::SOFT, **options)
      end

      # lines: [{lead: or nil, text:}] under a title.
      def bullets(title, lines)
        room
        list(title, lines)
      end

      # lists: [{title:, lines:}] beside each other.
      def beside(lists)
        width = (@pdf.bounds.width - BETWEEN) / 2
        @pdf.start_new_page if @pdf.cursor < lists.map { |one| height(one[:lines], width) }.max
        @pdf.move_down 8
        top = @pdf.cursor
        ends = lists.each_with_index.map do |one, index|
          @pdf.bounding_box([index * (width + BETWEEN), top], width:) do
            list(one[:title], one[:lines])
          end
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
        titled title
        lines.each { |line| @pdf.indent(8) { @pdf.text dashed(line), size: 9 } }
      end

      def dashed(line) = "–  #{[line[:lead], line[:text]].compact.join(": ")}"

      # Of a list with its title and the room before it.
      def height(lines, width)
        28 + lines.sum { |line| @pdf.height_of(dashed(line), size: 9, width: width - 8) }
      end
    end
  end
end

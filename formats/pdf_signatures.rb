# frozen_string_literal: true

module Munimen
  module Formats
    # Both signatures of a visit beside each other, or that one is missing and why.
    class PdfSignatures
      HEIGHT = 70 # points

      # signatures: [{signer:, name:, strokes:, refused:, at:, account:}]; say and date: what puts a
      # text and a day in the page's language.
      def initialize(pdf, signatures, say, date)
        @pdf = pdf
        @signatures = signatures
        @say = say
        @date = date
      end

      def draw
        top = @pdf.cursor
        theirs = @signatures.map { |one| one[:signer] }
        ["customer", (theirs - ["customer"]).first || "plumber"].each_with_index do |who, index|
          one = @signatures.find { |signature| signature[:signer] == who }
          @pdf.bounding_box([index * 260, top], width: 250, height: HEIGHT) { signature(who, one) }
        end
      end

      private

      def signature(who, one)
        strokes(one[:strokes]) if one && one[:strokes]
        typed(one[:name]) if who == "customer" && one && one[:strokes] == []
        @pdf.stroke_color ReportPdf::SOFT
        @pdf.line_width = 0.6
        @pdf.stroke { @pdf.line([0, 26], [220, 26]) }
        name = if one.nil? then @say["not signed"]
               elsif one[:refused] then "#{@say["not signed"]} – #{one[:refused]}"
               else "#{one[:name]}, #{@date[one[:at]]}"
               end
        taken = "#{@say["Taken on the account of"]} #{one[:account]}" if one && one[:account]
        @pdf.draw_text taken[0, 80], at: [0, 4], size: 6.5 if taken
        @pdf.draw_text "#{@say[who.capitalize]}: #{name}"[0, 70], at: [0, 13], size: 8.5
      end

      # Who cannot draw types: the same standing, and told apart.
      def typed(name)
        @pdf.fill_color ReportPdf::INK
        @pdf.draw_text name[0, 40], at: [6, 34], size: 15
        @pdf.fill_color ReportPdf::SOFT
        @pdf.draw_text @say["typed"], at: [190, 30], size: 6.5
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

# frozen_string_literal: true

require "forwardable"
require "prawn"
require "prawn/table"

module Munimen
  module Formats
    # The customer's page as a PDF: paints the blocks of its document in our fonts, with page
    # numbers. The record begins on a sheet of its own, or goes on where the customer's part ends
    # high on a second one. A last sheet with little on it is drawn together with the one before,
    # where closer lines can do that.
    #
    #   ReportPdf.new(page).render # => String of bytes
    class ReportPdf
      extend Forwardable

      INK = "1D2B45"
      SOFT = "4C5870"
      COPPER = "97491F"
      PAPER = { us: "LETTER", canada: "LETTER" }.freeze
      TINTS = { good: "DCEBDF", limits: "F9E6C8", danger: "F8DEDE", untested: "F4ECC6" }.freeze
      # How close it is set: points of the margins and between lines.
      SETTINGS = [
        { margin: [40, 48, 50, 48], leading: 2 }, { margin: [32, 42, 44, 42], leading: 1 },
        { margin: [26, 36, 40, 36], leading: 0 }
      ].freeze
      LEAST = 1 / 3r # of the last sheet that has something on it

      # report: as Desk::ReportPage gives it. photos: [[what it shows, bytes], …] at its end.
      def initialize(report, photos: [])
        @photos = photos
        @report = PdfFonts.printable(report)
        @blocks = PdfFonts.printable(Report::Document.new(report).to_a)
      end

      def render
        SETTINGS.each do |setting|
          draw(setting)
          break if full_enough?
        end
        draw(SETTINGS.first) unless full_enough?
        finish
        @pdf.render
      end

      private

      def_delegators :@text, :heading, :soft, :bullets

      def units = (@report[:units] || :us).to_sym
      def language = Words::Language.find(@report[:language])

      def draw(setting)
        @pdf = Prawn::Document.new(page_size: PAPER.fetch(units, "A4"), margin: setting[:margin],
                                   info:)
        PdfFonts.on(@pdf)
        @pdf.font_size 9.5
        @pdf.default_leading setting[:leading]
        @pdf.fill_color INK
        @text = PdfText.new(@pdf)
        @blocks.each { |block| send(block[:type], block) }
      end

      # One sheet always is; of several the last has a third of its height in use, at least.
      def full_enough?
        @pdf.page_number == 1 || @pdf.bounds.height - @pdf.cursor >= @pdf.bounds.height * LEAST
      end

      def info
        letterhead = @blocks.find { |one| one[:type] == :letterhead }
        { Title: "#{title_word} – #{[letterhead[:customer], *letterhead[:lines]].join(", ")}",
          Author: letterhead[:firm], Creator: "Munimen #{VERSION}",
          Subject: @blocks.find { |one| one[:type] == :verdict }[:text] }
      end

      def title_word = Words::Speaker.new(Words[units], @report[:language]).say("Report")

      # For those who have it read to them; the foot and the number of each sheet.
      def finish
        root = @pdf.state.store.root.data
        root[:Lang] = PDF::Core::LiteralString.new(
          language ? language.id.to_s : { england: "en-GB", canada: "en-CA" }.fetch(units, "en-US")
        )
        root[:ViewerPreferences] = { DisplayDocTitle: true }
        foot
        @pdf.number_pages "<page> / <total>", at: [@pdf.bounds.right - 60, -16], width: 60,
                                              align: :right, size: 8, color: SOFT
      end

      # What the firm wants at the foot of every page.
      def foot
        text = @report[:firm].transform_keys(&:to_sym)[:foot]
        return if text.to_s.empty?

        @pdf.repeat(:all) do
          @pdf.text_box text, at: [0, -10], width: @pdf.bounds.width - 80, height: 20, size: 7,
                              overflow: :shrink_to_fit
        end
      end

      def letterhead(block) = PdfLetterhead.new(@pdf, @text, block, @report[:logo]).draw
      def note(block) = soft(block[:text])
      def list(block) = bullets(block[:title], block[:lines])
      def pair(block) = @text.beside(block[:lists])

      def verdict(block)
        style = { background_color: TINTS.fetch(block[:tone]), borders: [], padding: 10, size: 14,
                  font_style: :bold, text_color: INK }
        @pdf.table([[block[:text]]], width: @pdf.bounds.width, cell_style: style)
        @pdf.move_down 6
      end

      def findings(block)
        heading block[:title]
        PdfFindings.new(@pdf, block[:findings]).draw
      end

      def table(block)
        heading block[:title]
        PdfTable.new(@pdf, block).draw
      end

      def paragraph(block)
        heading block[:title]
        @pdf.text block[:text], size: 9
      end

      def signatures(block)
        needed = PdfText::HEADING + PdfSignatures::HEIGHT + @pdf.height_of(block[:by], size: 8.5)
        @pdf.start_new_page if @pdf.cursor < needed
        heading block[:title]
        PdfSignatures.new(@pdf, block[:sides]).draw
        soft block[:by]
      end

      # Whether the customer's part ends high on a second page: then the record goes on there.
      def title(block)
        high = @pdf.page_number > 1 && @pdf.cursor > @pdf.bounds.height / 2
        high ? @pdf.move_down(18) : @pdf.start_new_page
        @pdf.text block[:text], size: 13, style: :bold
        soft block[:about]
      end

      def drawing(block)
        PdfHeater.new(@pdf, @text, @report).draw(block[:title], block[:caption])
      end

      # What was seen, small, each with what it shows, where they are wanted.
      def photographs(block)
        return if @photos.empty?

        heading block[:title]
        PdfPhotographs.new(@pdf, @photos).draw
      end
    end
  end
end

# frozen_string_literal: true

require "forwardable"
require "prawn"
require "prawn/table"

module Munimen
  module Formats
    # The customer's page as a PDF: the same content as on the screen, our fonts, the section
    # drawing and the ladder, page numbers.
    #
    #   ReportPdf.new(page).render # => String of bytes
    class ReportPdf
      extend Forwardable

      INK = "1D2B45"
      SOFT = "4C5870"
      COPPER = "97491F"
      PAPER = { us: "LETTER", canada: "LETTER" }.freeze
      WORDS = {
        danger: "Danger",
        defect: "Defect",
        watch: "Watch",
        advice: "Advice",
        sound: "Sound",
        not_tested: "Not tested"
      }.freeze
      TINTS = {
        "in_service" => "DCEBDF",
        "in_service_with_limits" => "F9E6C8",
        "left_off" => "F8DEDE",
        "against_advice" => "F8DEDE",
        "evacuated" => "F8DEDE"
      }.freeze
      UNTESTED = "F4ECC6" # in service, and nothing was tested

      # page: as Desk::ReportPage gives it. photos: [[what it shows, bytes], …] at its end.
      def initialize(page, photos: [])
        @photos = photos
        @data = PdfFonts.printable(page)
        @page = @data[:page]
      end

      # First what the customer has to know, on one page where that is enough; then the record.
      def render
        @pdf = Prawn::Document.new(page_size: PAPER.fetch(units, "A4"), margin: [40, 48, 50, 48],
                                   info:)
        @text = PdfText.new(@pdf, method(:t))
        say_language
        fonts
        head
        verdict
        to_know
        signatures
        amendments
        record
        photographs
        foot
        numbers
        @pdf.render
      end

      private

      def_delegators :@text, :heading, :soft, :bullets, :beside

      def units = (@data[:units] || :us).to_sym

      # What the program itself says, in the page's language.
      def language = Words::Language.find(@data[:language])
      def t(text) = language ? language.say(text, units) : text

      def info
        {
          Title: "#{t("Report")} – #{@data[:customer]}, #{@data[:address]}, #{date(@data[:date])}",
          Author: firm[:name], Subject: @page[:sentence], Creator: "Munimen #{VERSION}"
        }
      end

      # For those who have it read to them.
      def say_language
        root = @pdf.state.store.root.data
        root[:Lang] = PDF::Core::LiteralString.new(
          language ? language.id.to_s : { england: "en-GB", canada: "en-CA" }.fetch(units, "en-US")
        )
        root[:ViewerPreferences] = { DisplayDocTitle: true }
      end

      def fonts
        PdfFonts.on(@pdf)
        @pdf.font_size 9.5
        @pdf.default_leading 2
        @pdf.fill_color INK
      end

      def firm = @data[:firm].transform_keys(&:to_sym)

      def head
        letterhead = PdfLetterhead.new(@pdf, @text, firm, @data[:logo])
        letterhead.draw(@data[:customer], [@data[:address], date(@data[:date])])
      end

      def verdict
        soft(@data[:courtesy]) if @data[:courtesy]
        soft(t("Looks only: nothing was operated")) if @page[:look_only]
        soft(t("Draft – not signed yet")) unless @data[:signed_at]
        soft(@page[:late]) if @page[:late]
        soft(rang) if @page[:rang]
        style = {
          background_color: tint,
          borders: [],
          padding: 10,
          size: 14,
          font_style: :bold,
          text_color: INK
        }
        @pdf.table([[@page[:sentence]]], width: @pdf.bounds.width, cell_style: style)
        @pdf.move_down 6
        soft(@page[:outcome_reason]) unless @page[:outcome_reason].to_s.empty?
        heater = @data[:heater]
        soft [
          heater[:label],
          heater[:maker],
          heater[:model],
          heater[:serial],
          heater[:capacity],
          heater[:fuel]
        ].compact.join("  ·  ")
      end

      def tint
        @page[:untested] ? UNTESTED : TINTS.fetch(@page[:outcome].to_s)
      end

      # You rang because, in our words and theirs.
      def rang
        said = @page[:rang].transform_keys(&:to_sym).values_at(:title, :words).compact
        "#{t("You rang because")}: #{said.join(" – ")}"
      end

      def deficiencies
        return if @page[:deficiencies].empty?

        heading t("What must be done")
        @page[:deficiencies].each do |one|
          color = DrawingPdf::GRADES.fetch(one[:state].to_sym)
          grade =
            "<b><color rgb='#{color}'>#{t(WORDS.fetch(one[:state].to_sym))}</color></b>\n" \
            "#{"#{t("by")} #{date(one[:by])}" if one[:by]}"
          style = {
            inline_format: true,
            borders: [:left],
            border_color: color,
            border_width: 2,
            padding: [2, 6, 6, 8],
            text_color: INK
          }
          @pdf.table(
            [[grade, deficiency(one)]],
            column_widths: [92, @pdf.bounds.width - 92],
            cell_style: style
          ) { |table| table.column(1).borders = [] }
          @pdf.move_down 4
        end
      end

      def deficiency(one)
        if one[:action]
          acted = "#{t("Done on the spot")}: #{sentence(one[:action])} " \
                  "#{t("Told")}: #{sentence(one[:told])}"
        end
        place = [one[:place], one[:gas_situation]].compact.join(" – ")
        [
          "<b>#{escape(place)}.</b> #{escape(one[:explain] || one[:text])}",
          (escape(one[:text]) if one[:explain]),
          escape(one[:remedy]),
          acted,
          "<color rgb='#{SOFT}'>#{t("Rule")}: #{escape(one[:source])}</color>"
        ].compact.reject(&:empty?).join("\n")
      end

      def sentence(text) = "#{escape(text.to_s.delete_suffix("."))}."

      def result(one, mended)
        found = one[:found]
        [
          one[:title],
          *([(found && (found[:measured] || found[:text])).to_s] if mended),
          one[:measured] || one[:text],
          one[:limit].to_s,
          t(WORDS.fetch(one[:state].to_sym))
        ]
      end

      def results
        return if @page[:results].empty?

        heading t("What was measured")
        mended = @page[:results].any? { |one| one[:found] }
        rows = @page[:results].map { |one| result(one, mended) }
        head = mended ? ["", t("As found"), t("As left")] : ["", t("Measured")]
        @pdf.table(
          [head + [t("Limit"), t("Verdict")]] + rows,
          header: true,
          width: @pdf.bounds.width,
          column_widths: {
            0 => mended ? 140 : 186,
            head.size => 92,
            (head.size + 1) => 66
          },
          cell_style: PdfText::ROWS
        ) do |table|
          table.row(0).text_color = SOFT
          @page[:results].each_with_index do |one, index|
            cell = table.row(index + 1).column(-1)
            cell.text_color = DrawingPdf::GRADES.fetch(one[:state].to_sym)
            cell.font_style = :bold
          end
        end
      end

      def gas
        table = GasPdf.new(@pdf, @page[:gas], method(:t))
        return unless table.any?

        heading t("Gas")
        table.draw
      end

      def pictures
        width = 232
        section_height = width / @data[:section][:width].to_f * @data[:section][:height]
        @pdf.start_new_page if @pdf.cursor < section_height + 40
        heading t("This heater")
        top = @pdf.cursor
        DrawingPdf.new(@pdf, @data[:section], at: [0, top], width:).section(
          marks: symbols(@data[:marks]),
          parts: symbols(@data[:parts])
        )
        DrawingPdf.new(@pdf, @data[:ladder], at: [258, top], width: 240).ladder
        @pdf.fill_color INK
        @pdf.move_cursor_to top - section_height - 6
        stands = @data[:stands].to_a
        @pdf.text "#{t("As left")}: #{stands.join(", ")}", size: 9 if stands.any?
      end

      # What must be done, what was not looked into, the numbers, what to mind and when.
      def to_know
        deficiencies
        bullets("What was not tested, and why", @page[:not_tested].map { |one| one[:text] })
        results
        gas
        bullets(
          "Found, and put right on this visit",
          @page[:rectified].map { |one| "#{one[:text]} #{one[:by]}" }
        )
        bullets "What was agreed", AgreedLines.new(@page[:agreed], method(:t)).to_a
        bullets "How it was left", @page[:leaving] || []
        bullets("Permit, notice, certificate", (@page[:papers] || []).map { |one| paper(one) })
        beside("Please note" => @page[:cautions], "Next dates" => dates)
      end

      def consent
        @page[:consent]&.then do |one|
          "#{t("Asked before the lever was lifted")}: #{[one[:text], one[:by]].compact.join(" – ")}"
        end
      end

      def paper(one)
        "#{one[:title]}: #{[one[:text], one[:number], date(one[:on])].compact.join(", ")}"
      end

      def dates = @page[:next_dates].map { |one| "#{date(one[:on])}: #{one[:text]}" }

      # Whether the customer's part ends high on a second page: then the record goes on there.
      def beside_the_end?
        @pdf.page_number > 1 && @pdf.cursor > @pdf.bounds.height / 2
      end

      # What was seen and done, for those who come next.
      def record
        beside_the_end? ? @pdf.move_down(18) : @pdf.start_new_page
        @pdf.text t("Record of the visit"), size: 13, style: :bold
        soft [@data[:customer], @data[:address], date(@data[:date])].compact.join("  ·  ")
        pictures
        bullets "What the pressures mean together", @page.dig(:meaning, :text) || []
        bullets("Postponed to another day", reasons(@page[:put_off]))
        bullets("Done out of order, and why", reasons(@page[:out_of_order]))
        bullets "What was done", [[*@page[:done], consent].compact.join(" · ")].reject(&:empty?)
        bullets(
          "House rules that applied",
          (@page[:house_rules] || []).map do |one|
            "#{one[:ask]} #{one[:choice]} (#{t(one[:level])})"
          end
        )
        bullets("In plain words", @page[:glossary].map { |one| "#{one[:term]}: #{one[:gloss]}" })
      end

      # What was seen, small, each with what it shows.
      def photographs
        return if @photos.empty?

        heading t("Photographs")
        PdfPhotographs.new(@pdf, @photos).draw
      end

      def reasons(pairs) = (pairs || []).map { |one| "#{one[:text]}: #{one[:reason]}" }

      def signatures
        who = [@data[:person], licences].compact.join(" ")
        by = "#{t("Done by")} #{who}. #{t("Judged by")}: #{@page[:rulebook]}. " \
             "#{@page[:edition]}. " +
             t("The maker's instructions, the local authority and licensed people come first.")
        needed = PdfText::HEADING + PdfSignatures::HEIGHT + @pdf.height_of(by, size: 8.5)
        @pdf.start_new_page if @pdf.cursor < needed
        heading t("Signatures")
        PdfSignatures.new(@pdf, @data[:signatures], method(:t), method(:date)).draw
        soft by
      end

      # What whoever did it is licensed for, by number; nil for none.
      def licences
        held = (@data[:licences] || []).map { |one| "#{t(one[:trade].to_s)} #{one[:number]}" }
        "(#{held.join(", ")})" if held.any?
      end

      # Added after it was signed.
      def amendments
        bullets(
          "Added after signing",
          (@data[:amendments] || []).map do |one|
            "#{date(one[:at])}, #{one[:by]}: #{one[:text]} (#{one[:reason]})"
          end
        )
      end

      def numbers
        @pdf.number_pages "<page> / <total>",
                          at: [@pdf.bounds.right - 60, -16],
                          width: 60,
                          align: :right,
                          size: 8,
                          color: SOFT
      end

      # What the firm wants at the foot of every page.
      def foot
        return if firm[:foot].to_s.empty?

        @pdf.repeat(:all) do
          @pdf.text_box firm[:foot], at: [0, -10], width: @pdf.bounds.width - 80, height: 20,
                                     size: 7, overflow: :shrink_to_fit
        end
      end

      def symbols(hash)
        hash
          .transform_keys(&:to_sym)
          .transform_values { |value| value.is_a?(Hash) ? value.transform_keys(&:to_sym) : value }
      end

      def escape(text) = text.to_s.gsub("&", "&amp;").gsub("<", "&lt;").gsub(">", "&gt;")
      # As people write it where the heater stands.
      def date(text) = text && (language || Words[units]).date(text)
    end
  end
end

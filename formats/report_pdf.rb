# frozen_string_literal: true

require "prawn"
require "prawn/table"

module Munimen
  module Formats
    # The customer's page as a PDF: the same content as on the screen, our fonts, the section
    # drawing and the ladder, page numbers.
    #
    #   ReportPdf.new(page).render # => String of bytes
    class ReportPdf
      FONTS = File.join(ROOT, "formats/fonts")
      INK = "1D2B45"
      SOFT = "4C5870"
      COPPER = "97491F"
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

      # page: as Desk::ReportPage gives it.
      def initialize(page)
        @data = page
        @page = page[:page]
      end

      def render
        @pdf = Prawn::Document.new(
          page_size: "LETTER",
          margin: [44, 48, 54, 48],
          info: {
            Title: "Report – #{@data[:address]}",
            Author: @data[:firm]["name"] || @data[:firm][:name],
            Creator: "Munimen"
          }
        )
        fonts
        head
        verdict
        deficiencies
        results
        pictures
        lists
        signatures
        amendments
        foot
        numbers
        @pdf.render
      end

      private

      def fonts
        @pdf.font_families.update(
          "B612" => {
            normal: file("B612-Regular"),
            bold: file("B612-Bold")
          },
          "Mono" => {
            normal: file("B612Mono-Regular")
          }
        )
        @pdf.font "B612"
        @pdf.font_size 9.5
        @pdf.default_leading 2
        @pdf.fill_color INK
      end

      def file(name) = File.join(FONTS, "#{name}.ttf")
      def firm = @data[:firm].transform_keys(&:to_sym)

      def head
        top = @pdf.cursor
        @pdf.text firm[:name], size: 13, style: :bold
        soft [firm[:address], firm[:phone], firm[:registration]].compact.join("  ·  ")
        @pdf.bounding_box([@pdf.bounds.width / 2, top], width: @pdf.bounds.width / 2) do
          @pdf.text @data[:customer], align: :right, style: :bold
          soft [@data[:address], date(@data[:date])].compact.join("\n"), align: :right
        end
        @pdf.move_cursor_to [@pdf.cursor, top - 42].min
        @pdf.stroke_color COPPER
        @pdf.line_width = 1.4
        @pdf.stroke_horizontal_rule
        @pdf.move_down 12
      end

      def verdict
        soft("Looks only: nothing was operated") if @page[:look_only]
        soft("Draft – not signed yet") unless @data[:signed_at]
        style = {
          background_color: TINTS.fetch(@page[:outcome].to_s),
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
          heater[:capacity]
        ].compact.join("  ·  ")
      end

      def deficiencies
        return if @page[:deficiencies].empty?

        heading "What must be done"
        @page[:deficiencies].each do |one|
          color = DrawingPdf::GRADES.fetch(one[:state].to_sym)
          grade =
            "<b><color rgb='#{color}'>#{WORDS.fetch(one[:state].to_sym)}</color></b>\n" \
            "#{"by #{date(one[:by])}" if one[:by]}"
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
          acted = "Done on the spot: #{sentence(one[:action])} Told: #{sentence(one[:told])}"
        end
        place = [one[:place], one[:gas_situation]].compact.join(" – ")
        [
          "<b>#{escape(place)}.</b> #{escape(one[:explain] || one[:text])}",
          (escape(one[:text]) if one[:explain]),
          escape(one[:remedy]),
          acted,
          "<color rgb='#{SOFT}'>Rule: #{escape(one[:source])}</color>"
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
          WORDS.fetch(one[:state].to_sym)
        ]
      end

      def results
        return if @page[:results].empty?

        heading "What was measured"
        mended = @page[:results].any? { |one| one[:found] }
        rows = @page[:results].map { |one| result(one, mended) }
        head = mended ? ["", "As found", "As left"] : ["", "Measured"]
        @pdf.table(
          [head + %w[Limit Verdict]] + rows,
          header: true,
          width: @pdf.bounds.width,
          column_widths: {
            0 => mended ? 140 : 186,
            head.size => 92,
            (head.size + 1) => 66
          },
          cell_style: {
            borders: [:bottom],
            border_color: "D3C8B2",
            padding: [4, 6, 4, 0],
            text_color: INK
          }
        ) do |table|
          table.row(0).text_color = SOFT
          @page[:results].each_with_index do |one, index|
            table.row(index + 1).column(3).text_color = DrawingPdf::GRADES.fetch(one[:state].to_sym)
            table.row(index + 1).column(3).font_style = :bold
          end
        end
      end

      def pictures
        width = 232
        section_height = width / @data[:section][:width].to_f * @data[:section][:height]
        @pdf.start_new_page if @pdf.cursor < section_height + 40
        heading "This heater"
        top = @pdf.cursor
        DrawingPdf.new(@pdf, @data[:section], at: [0, top], width:).section(
          marks: symbols(@data[:marks]),
          parts: symbols(@data[:parts])
        )
        DrawingPdf.new(@pdf, @data[:ladder], at: [262, top], width: 224).ladder
        @pdf.fill_color INK
        @pdf.move_cursor_to top - section_height - 6
        stands = @data[:stands].to_a
        @pdf.text "As left: #{stands.join(", ")}", size: 9 if stands.any?
      end

      def lists
        bullets("What was not tested, and why", @page[:not_tested].map { |one| one[:text] })
        bullets("Postponed to another day", reasons(@page[:put_off]))
        bullets("Done out of order, and why", reasons(@page[:out_of_order]))
        bullets(
          "Found, and put right on this visit",
          @page[:rectified].map { |one| "#{one[:text]} #{one[:by]}" }
        )
        told
      end

      # What stands at the end: how it hangs together, what was done, what follows.
      def told
        bullets "What the pressures mean together", @page.dig(:meaning, :text) || []
        bullets "What was done", [@page[:done].join(" · ")].reject(&:empty?)
        bullets "How it was left", @page[:leaving] || []
        bullets "Please note", @page[:cautions]
        bullets("Next dates", @page[:next_dates].map { |one| "#{date(one[:on])}: #{one[:text]}" })
        bullets(
          "House rules that applied",
          (@page[:house_rules] || []).map { |one| "#{one[:ask]} #{one[:choice]} (#{one[:level]})" }
        )
        bullets("In plain words", @page[:glossary].map { |one| "#{one[:term]}: #{one[:gloss]}" })
      end

      def reasons(pairs) = (pairs || []).map { |one| "#{one[:text]}: #{one[:reason]}" }

      def signatures
        @pdf.start_new_page if @pdf.cursor < 150
        heading "Signatures"
        top = @pdf.cursor
        theirs = @data[:signatures].map { |one| one[:signer] }
        ["customer", (theirs - ["customer"]).first || "plumber"].each_with_index do |who, index|
          one = @data[:signatures].find { |signature| signature[:signer] == who }
          @pdf.bounding_box([index * 260, top], width: 250, height: 84) { signature(who, one) }
        end
        soft "Done by #{@data[:person]}. Judged by: #{@page[:rulebook]}. #{@page[:edition]}. The " \
             "maker's instructions, the local authority and licensed people come first."
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

      def signature(who, one)
        strokes(one[:strokes]) if one && one[:strokes]
        @pdf.stroke_color SOFT
        @pdf.line_width = 0.6
        @pdf.stroke { @pdf.line([0, 26], [220, 26]) }
        name = if one.nil? then "not signed"
               elsif one[:refused] then "not signed – #{one[:refused]}"
               else "#{one[:name]}, #{date(one[:at])}"
               end
        taken = "Taken on the account of #{one[:account]}" if one && one[:account]
        @pdf.draw_text taken[0, 80], at: [0, 2], size: 6.5 if taken
        @pdf.draw_text "#{who.capitalize}: #{name}"[0, 70], at: [0, 12], size: 8.5
      end

      def strokes(strokes)
        @pdf.stroke_color INK
        @pdf.line_width = 1.2
        strokes.each do |points|
          @pdf.stroke do
            points.each_with_index do |(x, y), i|
              i.zero? ? @pdf.move_to(x * 200, 84 - (y * 56)) : @pdf.line_to(x * 200, 84 - (y * 56))
            end
          end
        end
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

      def bullets(title, lines)
        return if lines.empty?

        heading title
        lines.each { |line| @pdf.indent(8) { @pdf.text "–  #{line}" } }
      end

      def heading(text)
        @pdf.start_new_page if @pdf.cursor < 60
        @pdf.move_down 10
        @pdf.text text, size: 11.5, style: :bold, color: COPPER
        @pdf.move_down 3
      end

      def soft(text, **options) = @pdf.text(text, size: 8.5, color: SOFT, **options)

      def symbols(hash)
        hash
          .transform_keys(&:to_sym)
          .transform_values { |value| value.is_a?(Hash) ? value.transform_keys(&:to_sym) : value }
      end

      def escape(text) = text.to_s.gsub("&", "&amp;").gsub("<", "&lt;").gsub(">", "&gt;")
      # As people write it where the heater stands.
      def date(text) = text && Words[@data[:units] || :us].date(text)
    end
  end
end

# frozen_string_literal: true

require "prawn"
require "ttfunk"

module Munimen
  module Formats
    # The fonts of what is printed: ours, and two behind it for the letters that ours has not
    # (Polish, Czech, Turkish, Vietnamese, Greek, Cyrillic, Georgian, Armenian, Hebrew; Thai). What
    # no font here can draw, or only in the wrong order or shape, is said instead: never a blank.
    module PdfFonts
      FOLDER = File.join(ROOT, "formats/fonts")
      FILES = {
        "B612" => { normal: "B612-Regular", bold: "B612-Bold" },
        "Mono" => { normal: "B612Mono-Regular" },
        "DejaVu" => { normal: "DejaVuSans", bold: "DejaVuSans-Bold" },
        "Thai" => { normal: "NotoSansThai-Regular", bold: "NotoSansThai-Bold" }
      }.freeze
      # Scripts that people write names in, by what they are called. Arabic is joined by a shaper
      # that is not here.
      SCRIPTS = {
        "Japanese" => /[\p{Hiragana}\p{Katakana}]/, "Chinese" => /\p{Han}/,
        "Korean" => /\p{Hangul}/,
        "Arabic" => /\p{Arabic}/,
        "Devanagari" => /\p{Devanagari}/, "Bengali" => /\p{Bengali}/, "Tamil" => /\p{Tamil}/
      }.freeze
      JOINED = /\p{Arabic}/
      # A line of Hebrew, which stands by itself letter for letter, from the right.
      HEBREW = /\p{Hebrew}(?:[\p{Hebrew}\s'"-]*\p{Hebrew})?/
      POINTS = /\p{Mn}/ # which a reader does without, and which would stand beside their letters

      module_function

      # Makes a Prawn document write in our font.
      def on(pdf)
        families = FILES.transform_values do |styles|
          styles.transform_values { |name| File.join(FOLDER, "#{name}.ttf") }
        end
        pdf.font_families.update(families)
        pdf.fallback_fonts(%w[DejaVu Thai])
        pdf.font "B612"
      end

      # The same value with each text as it can be printed: what cannot be drawn says what it is.
      def printable(value)
        case value
        when String then text(value)
        when Hash then value.transform_values { |one| printable(one) }
        when Array then value.map { |one| printable(one) }
        else value
        end
      end

      def text(text)
        return text if text.ascii_only?

        text = from_the_right(text)
        return text if text.each_char.all? { |char| drawn?(char) }

        text = text.unicode_normalize(:nfc)
        letter = Regexp.union(text.chars.uniq.reject { |char| drawn?(char) })
        text.gsub(/(?:#{letter})(?:[\s·]*(?:#{letter}))*/) do |run|
          "[#{script(run)} letters: see the page on the screen]"
        end
      end

      # A page is written from the left: what is read the other way is laid out so.
      def from_the_right(text)
        text.gsub(HEBREW) { |run| run.gsub(POINTS, "").reverse }
      end

      def script(run) = SCRIPTS.find { |_, letters| run.match?(letters) }&.first || "Other"

      def drawn?(char)
        !char.match?(JOINED) && (char.match?(/[[:cntrl:]]/) || known.include?(char.ord))
      end

      def known
        @known ||= %w[B612-Regular DejaVuSans
                      NotoSansThai-Regular].each_with_object(Set.new) do |name, all|
          font = TTFunk::File.open(File.join(FOLDER, "#{name}.ttf"))
          font.cmap.unicode.first.code_map.each { |code, glyph| all << code unless glyph.zero? }
        end
      end
      private_class_method :text, :from_the_right, :script, :drawn?, :known
    end
  end
end

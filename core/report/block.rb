# frozen_string_literal: true

module Munimen
  module Report
    # What a document is made of. Texts are in the page's words and language already; nil where a
    # block would be empty, but for its title.
    module Block
      module_function

      # tone: :soft, or :warn for what must not be overlooked.
      def note(text, tone: :soft)
        { type: :note, text:, tone: } unless text.to_s.empty?
      end

      # tone: :good, :limits, :danger or :untested.
      def verdict(text, tone:) = { type: :verdict, text:, tone: }

      # lines: texts, or [lead, text].
      def list(title, lines)
        return if lines.empty?

        { type: :list, title:, lines: lines.map { |one| line(*one) } }
      end

      # findings: [{grade:, word:, by:, lead:, lines: [{text:, tone:}]}].
      def findings(title, findings)
        { type: :findings, title:, findings: } unless findings.empty?
      end

      # head: texts or nil; rows: [[cell, …], …]; wide: column => its share of the width.
      def table(title, head, rows, wide: {})
        { type: :table, title:, head:, rows:, wide: } unless rows.empty?
      end

      # Of a table; note: what stands small behind it.
      def cell(text, note: nil, grade: nil, strong: false)
        { text: text.to_s, note:, grade:, strong: }
      end

      # Lists beside each other.
      def pair(*lists)
        lists = lists.compact
        { type: :pair, lists:, together: true } unless lists.empty?
      end

      def paragraph(title, text)
        { type: :paragraph, title:, text: } unless text.empty?
      end

      # A part's own title, with what it is about.
      def title(text, about) = { type: :title, text:, about: }

      # Where the heater's section and its ladder stand; caption may be nil.
      def drawing(title, caption) = { type: :drawing, title:, caption:, together: true }

      # Where the photographs stand.
      def photographs(title) = { type: :photographs, title: }

      # sides: [{who:, name: what stands under the line, written: drawn or typed, …}].
      def signatures(title, sides, by)
        { type: :signatures, title:, sides:, by:, together: true }
      end

      def line(first, second = nil)
        second ? { lead: first, text: second } : { lead: nil, text: first }
      end
      private_class_method :line
    end
  end
end

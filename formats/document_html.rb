# frozen_string_literal: true

require "cgi"

module Munimen
  module Formats
    # Blocks of a document as one plain page of HTML, which any browser shows and any reader speaks:
    # no script, nothing fetched. Drawing and photographs are left to the screen and the PDF.
    #
    #   DocumentHtml.new(report).render # => "<!doctype html>…"
    class DocumentHtml
      STYLE = <<~CSS
        body { font: 17px/1.5 sans-serif; max-width: 44em; margin: 0 auto; padding: 1em; color: #1d2b45 }
        h1 { font-size: 1.3em; border-left: 6px solid #97491f; padding-left: .6em }
        h2 { font-size: 1.1em; margin: 1.4em 0 .3em }
        table { border-collapse: collapse; width: 100% }
        th, td { text-align: left; vertical-align: top; padding: .3em .6em .3em 0; border-bottom: 1px solid #d3c8b2 }
        p, ul { margin: .3em 0 }
      CSS

      # report: as the desk gives it, in its language.
      def initialize(report)
        @report = report
        @blocks = Report::Document.new(report).to_a
      end

      def render
        <<~HTML
          <!doctype html>
          <html lang="#{@report[:language] || "en"}">
          <head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
          <title>#{title}</title><style>#{STYLE}</style></head>
          <body>#{@blocks.map { |one| block(one) }.join}</body>
          </html>
        HTML
      end

      private

      def h(text) = CGI.escapeHTML(text.to_s)
      def tag(name, text) = "<#{name}>#{text}</#{name}>"
      def title = h(@blocks.find { |one| one[:type] == :verdict }[:text])

      def block(one)
        case one[:type]
        when :letterhead then letterhead(one)
        when :note then tag("p", h(one[:text]))
        when :verdict then tag("h1", h(one[:text]))
        when :findings then titled(one, one[:findings].map { |finding| finding(finding) }.join)
        when :list then list(one)
        when :pair then one[:lists].map { |list| list(list) }.join
        when :table then titled(one, table(one))
        when :paragraph then titled(one, tag("p", h(one[:text])))
        when :title then tag("h2", h(one[:text])) + tag("p", h(one[:about]))
        when :signatures then titled(one, signatures(one))
        end.to_s
      end

      def letterhead(one)
        [[one[:firm], one[:under]], [one[:customer], *one[:lines]]].map do |lines|
          tag("p", "<b>#{h(lines.first)}</b> #{lines.drop(1).map { |line| h(line) }.join(" · ")}")
        end.join
      end

      def titled(one, inner) = tag("h2", h(one[:title])) + inner
      def list(one) = titled(one, tag("ul", one[:lines].map { |line| tag("li", line(line)) }.join))
      def line(one) = one[:lead] ? "<b>#{h(one[:lead])}:</b> #{h(one[:text])}" : h(one[:text])

      def finding(one)
        head = [one[:word], one[:by]].compact.map { |text| h(text) }.join(", ")
        lines = one[:lines].map { |line| h(line[:text]) }.join("<br>")
        tag("p", "<b>#{head}: #{h(one[:lead])}</b> #{lines}")
      end

      def table(one)
        rows = one[:rows].map { |row| tag("tr", row.map { |cell| cell(cell) }.join) }
        head = one[:head] ? tag("tr", one[:head].map { |text| tag("th", h(text)) }.join) : ""
        tag("table", head + rows.join)
      end

      def cell(one) = tag("td", h([one[:text], one[:note]].compact.join(" – ")))

      def signatures(one)
        sides = one[:sides].map do |side|
          named = ["#{side[:who]}: #{side[:name]}", side[:note], side[:account]].compact
          tag("p", h(named.join(" – ")))
        end
        sides.join + tag("p", h(one[:by]))
      end
    end
  end
end

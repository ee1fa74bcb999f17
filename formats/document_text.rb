# frozen_string_literal: true

module Munimen
  module Formats
    # Blocks of a document as running text, for a mail: what has a title stands under it, line by
    # line. Pictures and signatures are left to the page itself.
    #
    #   DocumentText.new(Report::Document.new(page).brief).to_a # => ["Left off: …", "Next dates…"]
    class DocumentText
      # blocks: as Report::Document gives them.
      def initialize(blocks) = @blocks = blocks

      # One paragraph a block, those with nothing to read left out.
      def to_a = @blocks.filter_map { |block| paragraph(block) }

      private

      def paragraph(block)
        case block[:type]
        when :note, :verdict then block[:text]
        when :findings then titled(block[:title], block[:findings].map { |one| finding(one) })
        when :list then titled(block[:title], block[:lines].map { |one| line(one) })
        end
      end

      def titled(title, lines) = [title, *lines.map { |one| "– #{one}" }].join("\n")
      def line(one) = [one[:lead], one[:text]].compact.join(": ")

      def finding(one)
        head = [one[:word], one[:by]].compact.join(", ")
        told = one[:lines].reject { |line| line[:tone] == :soft }.map { |line| line[:text] }
        "#{head}: #{one[:lead]} #{told.join(" ")}"
      end
    end
  end
end

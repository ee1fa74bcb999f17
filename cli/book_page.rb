# frozen_string_literal: true

module Munimen
  module Cli
    # The rules of one rulebook as Markdown, to be read and ticked: bin/munimen sources --book ID.
    class BookPage
      # id: of a Rules::Book; Error with those there are.
      def initialize(id)
        @listing = Inspection::BookListing.new(Rules::EffectiveRules.new(Rules::Book.find(id).id)).to_h
      end

      def to_s
        bounds = @listing[:limits].map { |one| row(one, *one.values_at(:rule, :bound)) }
        papers = @listing[:papers].map { |one| row(one, *one.values_at(:title, :hint)) }
        seen = @listing[:looks].flat_map do |look|
          look[:findings].map { |one| row(one, look[:item], one[:text]) }
        end
        [
          "# #{@listing[:title]}", "Edition: #{@listing[:edition]}.", INTRO,
          "## Bounds", table("rule", "bound", bounds),
          "## Permit, notice, certificate", table("paper", "for what", papers),
          "## What is seen", table("item", "wrong", seen)
        ].join("\n\n").concat("\n")
      end

      INTRO = <<~TEXT.tr("\n", " ").strip
        Tick what is right here and now; strike out and write beside it what is not. No book was at
        hand: “clause from memory” is to be looked up. The maker's instructions, the local
        authority's rules and licensed people come first.
      TEXT

      private

      def row(one, *said)
        "| ☐ | #{[*said, one[:grade], days(one[:days]), one[:source], one[:edition]].join(" | ")} |"
      end

      def table(first, second, rows)
        ["| | #{first} | #{second} | grade | put right | source and standing | edition |",
         "| --- | --- | --- | --- | --- | --- | --- |", *rows].join("\n")
      end

      def days(count)
        return "" if count.nil?

        count.zero? ? "at once" : "within #{count} days"
      end
    end
  end
end

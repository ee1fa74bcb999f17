# frozen_string_literal: true

module Munimen
  module Formats
    # What a customer agreed to, as lines of text: one for each finding, then what it comes to.
    class AgreedLines
      # agreed: as Report::Agreed gives it, or nil; say: puts our words into the page's language.
      def initialize(agreed, say)
        @agreed = agreed
        @say = say
      end

      def to_a = @agreed ? lines + sums.compact : []

      private

      def t(text) = @say.call(text)

      def lines
        @agreed[:lines].map do |one|
          what = [one[:title].delete_suffix("."), one[:supplied], one[:extent]].compact.join(" – ")
          "#{what}: #{[one[:said], one[:total]].compact.join(", ")}"
        end
      end

      def sums
        way, total, text = @agreed.values_at(:call_out, :total, :total_text)
        [way && "#{t("The way there")}: #{way}", total && "#{text}: #{total}"]
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What the customer said of each finding, with what it costs.
      class Agreed < Section
        def blocks
          agreed = @page[:agreed] or return []
          [Block.table(say("What was agreed"), nil, lines(agreed) + sums(agreed),
                       wide: { 0 => 0.62 })]
        end

        private

        def lines(agreed)
          agreed[:lines].map do |one|
            note = one.values_at(:supplied, :extent).compact.join(" – ")
            [Block.cell(one[:title].delete_suffix("."), note: (note unless note.empty?)),
             Block.cell(one[:said]), Block.cell(one[:total])]
          end
        end

        def sums(agreed)
          way, total, text = agreed.values_at(:call_out, :total, :total_text)
          [sum(say("The way there"), way), sum(text, total, strong: true)].compact
        end

        def sum(text, amount, **how)
          [Block.cell(text), Block.cell(nil), Block.cell(amount, **how)] if amount
        end
      end
    end
  end
end

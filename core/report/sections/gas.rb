# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # What was read of the gas, as a table of its own.
      class Gas < Section
        def blocks
          head = ["", "As found", "As left", "Should be"].map { |text| say(text) }
          rows = all(:gas).map do |one|
            one.values_at(:what, :found, :left, :should).map { |text| Block.cell(text) }
          end
          [Block.table(say("Gas"), head, rows, wide: { 0 => 0.36 })]
        end
      end
    end
  end
end

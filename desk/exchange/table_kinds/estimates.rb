# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # What customers were offered and said, a line each, as a book-keeping program takes it:
      # amounts with a decimal point, without a sign.
      class Estimates < Out
        TITLE = "Estimates"
        COLUMNS = %i[
          on reference customer what supplied answer net tax_percent tax total currency heater_id
        ].freeze
        AMOUNTS = %i[net tax total].freeze

        def rows
          @records.outcomes.estimates.map do |row|
            shown(row).slice(*COLUMNS)
          end
        end

        # The same for one row; its reference is the visit's.
        def shown(row)
          amounts = row.slice(*AMOUNTS).transform_values do |amount|
            amount && Munimen::Costing::Money.new(amount, row[:currency]).plain
          end
          { **row, reference: row[:visit_id], **amounts }
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # Whose page it is and for whom.
      class Head < Section
        def blocks
          firm = @report[:firm].transform_keys(&:to_sym)
          [{ type: :letterhead, firm: firm[:name],
             under: firm.values_at(:address, :phone, :registration).compact.join("  ·  "),
             customer: @report[:customer],
             lines: [@report[:address], date(@report[:date])].compact }]
        end
      end
    end
  end
end

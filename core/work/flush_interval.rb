# frozen_string_literal: true

module Munimen
  module Work
    # Months to the next flush by what came out at the last; common practice, handbook §11.
    module FlushInterval
      MONTHS = { clear: 24, flecks: 12, grit: 12, heavy: 6 }.freeze
    end
  end
end

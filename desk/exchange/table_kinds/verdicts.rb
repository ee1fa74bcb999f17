# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # The results and deficiencies of signed visits, as their pages say them.
      class Verdicts < Out
        TITLE = "Verdicts of signed visits"
        COLUMNS = %i[
          visit_id heater_id signed_at check part state measured limit text source
        ].freeze

        def rows = @records.visits.verdicts
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # What is owed, and what of it is settled.
      class Dues < Out
        TITLE = "What is owed"
        COLUMNS = %i[
          id heater_id visit_id kind on text grade job check hidden_until declined settled_at
        ].freeze

        def table = :dues
        def order = %i[on id]
      end
    end
  end
end

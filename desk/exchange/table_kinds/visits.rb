# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Visits with what came of them.
      class Visits < Out
        TITLE = "Visits"
        COLUMNS = %i[id heater_id planned_for status jobs started_at signed_at outcome].freeze

        def table = :visits
        def order = %i[planned_for id]
        def rows = super.map { |row| row.merge(jobs: row[:jobs].join(" ")) }
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Visits with whose they were, how long they took and what came of them.
      class Visits < Out
        TITLE = "Visits"
        STORED = %i[
          id heater_id planned_for status jobs started_at signed_at outcome account_id
        ].freeze
        COLUMNS = (STORED - %i[account_id] + %i[plumber customer address hours]).freeze

        def table = :visits
        def order = %i[planned_for id]
        def stored = STORED.to_h { |name| [name, name] }
        def columns = COLUMNS

        def rows
          places = @records.tables.places
          super.map do |row|
            { **row.slice(*COLUMNS), jobs: row[:jobs].join(" "), hours: hours(row),
              plumber: person(row[:account_id]),
              **places.fetch(row[:heater_id], { customer: nil, address: nil }) }
          end
        end

        private

        def person(id)
          @people ||= Hash.new { |all, one| all[one] = @records.people.find(one)&.fetch(:name) }
          id && @people[id]
        end

        # From the start to the signature, in hours with two places.
        def hours(row)
          began, ended = row.values_at(:started_at, :signed_at).map { |at| at && Time.iso8601(at) }
          ((ended - began) / 3600).round(2) if began && ended
        end
      end
    end
  end
end

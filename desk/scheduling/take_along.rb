# frozen_string_literal: true

module Munimen
  module Desk
    # What a person takes along for the time without a signal: their visits of today and tomorrow,
    # with all that is known of those heaters, and of others that they name.
    class TakeAlong
      DAYS = 2
      MOST = 60 # heaters
      SHOWN = 8 # visits

      def initialize(context) = @context = context

      # more: ids of heaters. {person:, at:, heaters: [id], tables: {table => [row]}, training:
      # [{token:, tables:}], shown: {id of a visit under way => as its screen shows it}}
      def call(more: [])
        records = @context.records
        heaters = (of_my_visits + more).uniq.first(MOST)
        tables = records.pack.rows(heaters, own: @context.person[:id])
        {
          person: @context.person[:id],
          at: @context.stamp,
          heaters:,
          tables: tables.merge(training_results: results),
          training: exercises,
          shown: shown(tables[:visits])
        }
      end

      private

      # The person's own that are under way, those begun last first.
      def shown(visits)
        mine = visits.select do |row|
          row[:status] == "open" && [nil, @context.person[:id]].include?(row[:account_id])
        end
        last = mine.max_by(SHOWN) { |row| row[:started_at].to_s }
        last.to_h { |row| [row[:id], ViewVisit.new(@context).call(row[:id])] }
      end

      def results
        mine = @context.records.training.of(@context.person.merge(role: "plumber"))
        mine.map { |row| row.except(:person) }
      end

      # The person's own that are not over yet.
      def exercises
        runs = @context.training_runs.running(@context.person, clock: -> { @context.now })
        runs.map { |run| { token: run.token, tables: run.records.pack.all(run.heater_id) } }
      end

      def of_my_visits
        today = @context.now.to_date
        visits = @context.records.visits.between(today.iso8601, (today + DAYS).iso8601)
        mine = visits.select { |row| [nil, @context.person[:id]].include?(row[:account_id]) }
        mine.map { |row| row[:heater_id] }
      end
    end
  end
end

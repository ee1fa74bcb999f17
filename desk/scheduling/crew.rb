# frozen_string_literal: true

module Munimen
  module Desk
    # Who can be sent to a visit, and what they have on a day.
    class Crew
      def initialize(context) = @context = context

      # on: Date. [{id:, name:, trades: qualifications that hold on that day, looks_only: whether
      # they operate nothing, away:, visits: how many that day}], by name, who looks only last.
      def call(on:)
        @context.may!(:records)
        away = @context.records.absences.away(on.iso8601)
        busy = @context.records.visits.between(on.iso8601, (on + 1).iso8601)
          .group_by { |row| row[:account_id] }
        crew = WhoGoes.new(@context).all.map do |person|
          { id: person[:id], name: person[:name], trades: trades(person, on),
            looks_only: !Abilities.of(person[:role]).include?(:operate),
            away: away.include?(person[:id]), visits: busy.fetch(person[:id], []).size }
        end
        crew.partition { |one| !one[:looks_only] }.flatten
      end

      private

      def trades(person, on)
        Store::Values.qualifications(person)
                     .select { |one| one[:expires].to_s.empty? || one[:expires] >= on.iso8601 }
                     .map { |one| one[:trade] }
      end
    end
  end
end

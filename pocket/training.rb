# frozen_string_literal: true

module Munimen
  module Pocket
    # Results of training, in memory: as Store::Training.
    class Training
      def initialize(tables) = @tables = tables
      def keep(row) = @tables.insert(:training_results, row)

      # Of a person, the latest first.
      def of(person)
        rows = @tables.where(:training_results, account_id: person[:id])
        rows.each_with_index.sort_by { |row, index| [row[:at], index] }.reverse.map do |row, _|
          row.merge(person: @tables.find(:accounts, row[:account_id])&.fetch(:name))
        end
      end
    end
  end
end

# frozen_string_literal: true

module Munimen
  module Pocket
    # The firm's people by name and what they are qualified for; no addresses, no passwords.
    class People
      def initialize(tables) = @tables = tables
      # Whether somebody is here is the office's to know.
      def here?(_person) = true
      def find(id) = @tables.find(:accounts, id)

      def copy(row)
        @tables.insert(:accounts, row.slice(:id, :name, :role, :qualifications, :language))
      end

      def all = @tables[:accounts].each_with_index.sort_by { |row, i| [row[:name], i] }.map(&:first)
    end
  end
end

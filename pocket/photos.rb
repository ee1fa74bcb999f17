# frozen_string_literal: true

module Munimen
  module Pocket
    # Photographs: their rows, with the bytes of those that were taken here.
    class Photos
      def initialize(tables) = @tables = tables
      def written?(id) = !@tables.find(:photos, id).nil?

      # What a row says of the bytes of its picture: they are in it.
      def bytes(bytes) = { data: bytes, bytes: bytes.bytesize }

      def find(id)
        @tables.find(:photos, id) || raise(NotFound.new("There is no such photo.", field: :photo))
      end

      # subject => ids, oldest first.
      def of_visit(visit_id)
        rows = @tables.of_visit(:photos, visit_id)
        rows = rows.each_with_index.sort_by { |row, index| [row[:at], index] }.map(&:first)
        rows.group_by { |row| row[:subject] }.transform_values { |of| of.map { |row| row[:id] } }
      end
    end
  end
end

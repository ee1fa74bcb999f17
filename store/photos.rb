# frozen_string_literal: true

module Munimen
  module Store
    # Photographs: rows in the database, bytes on disk by their own SHA-256.
    class Photos
      # files: where the bytes are kept.
      def initialize(database, files)
        @rows = database[:photos]
        @files = files
      end

      def written?(id) = !@rows.where(id:).empty?

      # Keeps the bytes of a picture, before the row that names them; the same picture twice is one
      # file. What its row says of them.
      def bytes(bytes) = { hash: @files.write(bytes), bytes: bytes.bytesize }

      # The row with its bytes under :data. NotFound when there is none.
      def find(id)
        row =
          @rows.where(id:).first || raise(NotFound.new("There is no such photo.", field: :photo))
        row.merge(data: @files.read(row[:hash]))
      end

      # subject => ids, oldest first.
      def of_visit(visit_id)
        @rows
          .where(visit_id:)
          .order(:at)
          .select_map(%i[subject id])
          .group_by(&:first)
          .transform_values { |pairs| pairs.map(&:last) }
      end
    end
  end
end

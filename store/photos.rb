# frozen_string_literal: true

require "digest"
require "fileutils"

module Munimen
  module Store
    # Photographs: rows in the database, bytes on disk by their own SHA-256.
    class Photos
      # folder: where the bytes are kept.
      def initialize(database, folder)
        @rows = database[:photos]
        @folder = folder
      end

      def written?(id) = !@rows.where(id:).empty?

      # Writes the bytes first, then the row; the same picture twice is one file.
      def add(bytes:, **attributes)
        hash = Digest::SHA256.hexdigest(bytes)
        path = path(hash)
        FileUtils.mkdir_p(File.dirname(path))
        File.binwrite(path, bytes) unless File.exist?(path)
        @rows.insert(**attributes, hash:, bytes: bytes.bytesize)
      end

      # The row with its bytes under :data. NotFound when there is none.
      def find(id)
        row = @rows.where(id:).first || raise(NotFound.new("There is no such photo.", field: :photo))
        row.merge(data: File.binread(path(row[:hash])))
      end

      # subject => ids, oldest first.
      def of_visit(visit_id) = @rows.where(visit_id:).order(:at).select_map(%i[subject id]).group_by(&:first).transform_values { |pairs| pairs.map(&:last) }

      private

      def path(hash) = File.join(@folder, hash[0, 2], hash)
    end
  end
end

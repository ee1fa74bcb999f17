# frozen_string_literal: true

module Munimen
  module Store
    # What households told before a visit, and the pictures that they took; bytes on disk as those
    # of photographs.
    class Told
      # files: where the bytes are kept.
      def initialize(database, files)
        @visits = database[:visits]
        @pictures = database[:told_photos]
        @files = files
      end

      # said: Hash, kept as JSON; the visit is another one from then on.
      def keep(visit_id, said)
        @visits.where(id: visit_id)
               .update(told_before: JSON.generate(said), version: Sequel[:version] + 1)
      end

      # Adds a picture once. image: Formats::Photograph.
      def add_picture(visit_id, image, id:, slot:, at:)
        hash = @files.write(image.bytes)
        @pictures.insert_conflict(target: :id).insert(
          id:, visit_id:, slot:, hash:, media_type: image.media_type, bytes: image.bytes.bytesize,
          at:
        )
      end

      # [{id:, slot:}], the oldest first.
      def pictures(visit_id)
        @pictures.where(visit_id:).order(:at).select(:id, :slot).all
      end

      # A row with its bytes under :data. NotFound when there is none.
      def picture(id)
        row = @pictures.where(id:).first or
          raise NotFound.new("There is no such picture.", field: :photo)
        row.merge(data: @files.read(row[:hash]))
      end
    end
  end
end
